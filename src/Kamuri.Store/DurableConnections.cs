using System.Data.Common;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace Kamuri.Store;

/// <summary>Sets every connection to wait for the disk at commit, which write-ahead logging would otherwise leave for later.</summary>
public sealed class DurableConnections : DbConnectionInterceptor
{
    private const string Pragmas = "PRAGMA synchronous = FULL; PRAGMA busy_timeout = 5000;";

    public override void ConnectionOpened(DbConnection connection, ConnectionEndEventData eventData)
    {
        using var command = connection.CreateCommand();
        command.CommandText = Pragmas;
        command.ExecuteNonQuery();
    }

    public override async Task ConnectionOpenedAsync(
        DbConnection connection,
        ConnectionEndEventData eventData,
        CancellationToken cancellationToken = default
    )
    {
        await using var command = connection.CreateCommand();
        command.CommandText = Pragmas;
        await command.ExecuteNonQueryAsync(cancellationToken);
    }
}

using System.Globalization;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Metadata;
using Microsoft.EntityFrameworkCore.Storage;

namespace Kamuri.Store;

/// <summary>
/// Adds thousands of rows of one table at once: one statement, prepared once, with the columns and conversions of the model.
/// The change tracker, made for a handful of rows, takes several times as long.
/// </summary>
public static class ManyRows
{
    /// <summary>Adds the rows in one transaction: all of them, or none.</summary>
    /// <exception cref="InvalidOperationException">The rows hold more than plain columns, which this does not write.</exception>
    public static async Task AddManyAsync<TRow>(this KamuriDb db, IReadOnlyList<TRow> rows, CancellationToken cancellation)
        where TRow : class
    {
        var entity = db.Model.FindEntityType(typeof(TRow))!;
        if (
            entity.GetComplexProperties().Any()
            || entity.GetNavigations().Any()
            || entity.GetProperties().Any(property => property.PropertyInfo is null)
        )
        {
            throw new InvalidOperationException($"{entity.DisplayName()} holds more than plain columns.");
        }

        var table = StoreObjectIdentifier.Table(entity.GetTableName()!, entity.GetSchema());
        var columns = entity.GetProperties().ToList();
        var sql = db.GetService<ISqlGenerationHelper>();
        await using var transaction = await db.Database.BeginTransactionAsync(cancellation);
        await using var insert = db.Database.GetDbConnection().CreateCommand();
        insert.Transaction = transaction.GetDbTransaction();
        var names = string.Join(", ", columns.Select(column => sql.DelimitIdentifier(column.GetColumnName(table)!)));
        var values = string.Join(", ", columns.Select((_, at) => string.Create(CultureInfo.InvariantCulture, $"@p{at}")));
        insert.CommandText = $"INSERT INTO {sql.DelimitIdentifier(table.Name)} ({names}) VALUES ({values})";
        foreach (var at in Enumerable.Range(0, columns.Count))
        {
            var parameter = insert.CreateParameter();
            parameter.ParameterName = $"@p{at}";
            insert.Parameters.Add(parameter);
        }

        await insert.PrepareAsync(cancellation);
        foreach (var row in rows)
        {
            for (var at = 0; at < columns.Count; at++)
            {
                var value = columns[at].PropertyInfo!.GetValue(row);
                insert.Parameters[at].Value = (
                    value is null ? null
                    : columns[at].GetTypeMapping().Converter is { } converter ? converter.ConvertToProvider(value)
                    : value
                ) ?? DBNull.Value;
            }

            await insert.ExecuteNonQueryAsync(cancellation);
        }

        await transaction.CommitAsync(cancellation);
    }
}

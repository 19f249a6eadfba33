using System.Diagnostics;
using System.Globalization;
using Kamuri.Testing;
using Microsoft.Data.Sqlite;

namespace Kamuri.Bench;

/// <summary>Ten years of five heads, some three thousand finished days: what every page asks for is answered as on the first day.</summary>
internal static class DecadeFigures
{
    private const int Days = 3_000;
    private const int Heads = 5;
    private const int Looks = 25;
    private static readonly TimeSpan Years = TimeSpan.FromDays(3_650);

    public static async Task<IReadOnlyList<Measurement>> MeasureAsync(string app)
    {
        var assembly = Path.Combine(app, "Kamuri.Web.dll");
        var folder = Directory.CreateTempSubdirectory("kamuri-decade-").FullName;
        try
        {
            using (await ServerProcess.StartAsync(assembly, folder, demo: true))
            {
                // The first months; the rest is like them.
            }

            var (head, oldest) = Multiply(Path.Combine(folder, "kamuri.db"));
            using var server = await ServerProcess.StartAsync(assembly, folder);
            var all = new List<Measurement>
            {
                new($"server ready, {Days} days", "s", server.Startup.TotalSeconds, server.Startup.TotalSeconds, 2.5, 1),
            };
            foreach (var path in Pages(head, oldest))
            {
                var page = path.Replace(head, "…", StringComparison.Ordinal).Replace(oldest, "…", StringComparison.Ordinal);
                all.Add(Measurement.Of($"{Days} days: {page}", "ms", await TimesAsync(server, path), 100));
            }

            return all;
        }
        finally
        {
            SqliteConnection.ClearAllPools();
            Directory.Delete(folder, recursive: true);
        }
    }

    /// <summary>
    /// What the places ask for when they are opened. The dearest last, when the server has looked through its file after the start.
    /// </summary>
    private static string[] Pages(string head, string oldest) =>
        [
            "/api/heads",
            $"/api/heads/{head}",
            $"/api/heads/{head}/patch-tests",
            $"/api/heads/{head}/last-uses",
            $"/api/shelf/taking/{head}",
            "/api/sessions",
            $"/api/sessions?head={head}",
            "/api/sessions?take=200",
            $"/api/sessions/{oldest}/review",
            $"/api/sessions/{oldest}/takings",
            "/api/products",
            "/api/formulas",
            "/api/batches",
            "/api/shopping",
            "/api/planned-days",
            "/api/templates",
            "/api/figures",
            "/api/household",
            "/api/plans/choices",
            "/api/access",
            "/api/backups",
            "/api/removed",
            "/api/set-aside",
            $"/api/heads/{head}/removal",
            "/api/ahead",
        ];

    private static async Task<List<double>> TimesAsync(ServerProcess server, string path)
    {
        var times = new List<double>();
        for (var n = 0; n < Looks + 5; n++)
        {
            var began = Stopwatch.GetTimestamp();
            var (status, body) = await server.SendAsync(HttpMethod.Get, path);
            if (status != 200)
            {
                throw new InvalidOperationException($"{path}: {status} {body?.ToJsonString()}");
            }

            if (n >= 5)
            {
                times.Add(Stopwatch.GetElapsedTime(began).TotalMilliseconds);
            }
        }

        return times;
    }

    /// <summary>More heads with the days of those that are there, and all of it again and again further back.</summary>
    /// <returns>A head, and its oldest day.</returns>
    private static (string Head, string Oldest) Multiply(string file)
    {
        using var db = new SqliteConnection($"Data Source={file}");
        db.Open();
        Run(db, "PRAGMA foreign_keys = OFF");
        using var transaction = db.BeginTransaction();
        var heads = Column(db, "SELECT Id FROM heads ORDER BY Id");
        var columns = string.Join(
            ", ",
            Column(db, "SELECT name FROM pragma_table_info('heads') WHERE name <> 'Id'").Select(name => $"\"{name}\"")
        );
        for (var n = heads.Count; n < Heads; n++)
        {
            var (from, to) = (heads[n % heads.Count], New());
            Run(db, $"INSERT INTO heads (Id, {columns}) SELECT '{to}', {columns} FROM heads WHERE Id = '{from}'");
            foreach (var session in Column(db, $"SELECT Id FROM sessions WHERE HeadId = '{from}'"))
            {
                Copy(db, session, TimeSpan.Zero, (from, to));
            }
        }

        var lived = Column(db, "SELECT Id FROM sessions");
        var rounds = (Days + lived.Count - 1) / lived.Count;
        for (var (round, made) = (1, lived.Count); made < Days; round++)
        {
            foreach (var session in lived.Take(Days - made))
            {
                Copy(db, session, Years * round / rounds, null);
            }

            made += Math.Min(lived.Count, Days - made);
        }

        transaction.Commit();
        return (heads[0], Column(db, $"SELECT Id FROM sessions WHERE HeadId = '{heads[0]}' ORDER BY CreatedUtcTicks LIMIT 1")[0]);
    }

    private static void Copy(SqliteConnection db, string session, TimeSpan back, (string From, string To)? head)
    {
        var (id, ticks) = (New(), back.Ticks.ToString(CultureInfo.InvariantCulture));
        string Headed(string column) =>
            head is { } other
                ? $"replace(replace({column}, '{other.From}', '{other.To}'), '{other.From.ToLowerInvariant()}', "
                    + $"'{other.To.ToLowerInvariant()}')"
                : column;
        Insert(
            "sessions",
            ("Id", $"'{id}'"),
            ("HeadId", Headed("HeadId")),
            ("CreatedUtcTicks", $"CreatedUtcTicks - {ticks}"),
            ("PlanJson", Headed("PlanJson"))
        );
        Insert("session_events", ("SessionId", $"'{id}'"), ("AtUtcTicks", $"AtUtcTicks - {ticks}"));
        Insert(
            "session_summaries",
            ("SessionId", $"'{id}'"),
            ("HeadId", Headed("HeadId")),
            ("StartedUtcTicks", $"StartedUtcTicks - {ticks}"),
            ("FinishedUtcTicks", $"FinishedUtcTicks - {ticks}")
        );
        Insert("takings", ("SessionId", $"'{id}'"), ("HeadId", Headed("HeadId")));

        void Insert(string table, params (string Column, string Value)[] changed)
        {
            var columns = Column(
                db,
                $"SELECT name FROM pragma_table_info('{table}') WHERE name NOT IN ('Sequence') AND NOT ('{table}' = "
                    + "'takings' AND name = 'Id')"
            );
            var values = columns.Select(name => changed.FirstOrDefault(each => each.Column == name).Value ?? $"\"{name}\"");
            var key = table == "sessions" ? "Id" : "SessionId";
            var names = string.Join(", ", columns.Select(name => $"\"{name}\""));
            Run(db, $"INSERT INTO {table} ({names}) SELECT {string.Join(", ", values)} FROM {table} WHERE {key} = '{session}'");
        }
    }

    private static string New() => Guid.NewGuid().ToString().ToUpperInvariant();

    private static void Run(SqliteConnection db, string sql)
    {
        using var command = db.CreateCommand();
        command.CommandText = sql;
        command.ExecuteNonQuery();
    }

    private static List<string> Column(SqliteConnection db, string sql)
    {
        using var command = db.CreateCommand();
        command.CommandText = sql;
        using var reader = command.ExecuteReader();
        var values = new List<string>();
        while (reader.Read())
        {
            values.Add(reader.GetString(0));
        }

        return values;
    }
}

using System.Diagnostics;
using System.Globalization;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Kamuri.Testing;

namespace Kamuri.Bench;

/// <summary>
/// Sends what nobody should send to every address of the API document: its examples and what its schemas allow, changed at random.
/// The same seed sends the same. No answer may be the server's fault, and none may take long.
/// </summary>
internal sealed class Fuzz
{
    private const int Senders = 4;
    private const int Depth = 7;
    private static readonly TimeSpan TooSlow = TimeSpan.FromSeconds(5);

    private static readonly string[] Words =
    [
        "",
        " ",
        "x",
        "\ud800",
        "\u0000",
        "٣",
        "=1+1",
        "'; DROP TABLE heads; --",
        "../../etc/passwd",
        new('a', 5_000),
        "🙂",
        "-1",
        "1e999",
        "NaN",
        "2026-02-30",
        "9999-12-31",
        "0001-01-01T00:00:00Z",
        "9999-12-31T23:59:59.9999999+14:00",
        "25:70",
        "00000000-0000-0000-0000-000000000000",
        "[a](",
        "# ",
        "> > > > >",
    ];

    private static readonly double[] Numbers =
    [
        0,
        -1,
        1,
        0.5,
        1e-30,
        1e30,
        1e308,
        -1e308,
        int.MaxValue,
        (double)int.MaxValue + 1,
        long.MaxValue,
        0.8,
        5,
        100,
    ];

    private readonly JsonObject _document;
    private readonly List<(string Method, string Path, JsonObject Operation)> _operations = [];
    private readonly string[] _ids;

    private Fuzz(JsonObject document, string[] ids)
    {
        (_document, _ids) = (document, ids);
        foreach (var (path, operations) in document["paths"]!.AsObject())
        {
            _operations.AddRange(
                operations!
                    .AsObject()
                    .Where(each => each.Value is JsonObject { } operation && operation["operationId"] is not null)
                    .Select(each => (each.Key.ToUpperInvariant(), path, each.Value!.AsObject()))
            );
        }
    }

    /// <summary>Sends so many requests to a server of its own; true when none was answered wrongly.</summary>
    public static async Task<bool> RunAsync(string app, int requests, int seed)
    {
        using var server = await ServerProcess.StartAsync(Path.Combine(app, "Kamuri.Web.dll"), demo: true);
        var (_, document) = await server.SendAsync(HttpMethod.Get, "/openapi/v1.json");
        var ids = new List<string>();
        foreach (var path in (string[])["heads", "sessions", "products", "formulas", "batches", "templates", "planned-days"])
        {
            var (_, rows) = await server.SendAsync(HttpMethod.Get, $"/api/{path}");
            ids.AddRange(rows!.AsArray().Take(4).Select(row => row!["id"]!.GetValue<string>()));
        }

        var fuzz = new Fuzz(document!.AsObject(), [.. ids]);
        var (counts, wrong, slow) = (new SortedDictionary<int, int>(), new List<string>(), new List<string>());
        using var client = new HttpClient { BaseAddress = server.Address, Timeout = TimeSpan.FromSeconds(60) };
        var next = -1;
        await Task.WhenAll(
            Enumerable
                .Range(0, Senders)
                .Select(async _ =>
                {
                    for (var at = Interlocked.Increment(ref next); at < requests; at = Interlocked.Increment(ref next))
                    {
                        var (request, curl) = fuzz.Request(new Random(HashCode.Combine(seed, at)), server.Address);
                        using (request)
                        {
                            var watch = Stopwatch.StartNew();
                            var status = await SendAsync(client, request);
                            lock (counts)
                            {
                                counts[status] = counts.GetValueOrDefault(status) + 1;
                                if (status is >= 500 or 0)
                                {
                                    wrong.Add($"{status} {curl}");
                                }

                                if (watch.Elapsed > TooSlow)
                                {
                                    slow.Add($"{watch.Elapsed.TotalSeconds:0.0} s {curl}");
                                }
                            }
                        }
                    }
                })
        );

        Console.WriteLine($"{requests} requests to {fuzz._operations.Count} operations, seed {seed}");
        foreach (var (status, count) in counts)
        {
            Console.WriteLine($"  {status} {count.ToString("N0", CultureInfo.InvariantCulture)}");
        }

        wrong.Distinct().Take(40).ToList().ForEach(Console.WriteLine);
        slow.Take(20).ToList().ForEach(Console.WriteLine);
        Console.WriteLine($"Server errors: {wrong.Count}. Slower than {TooSlow.TotalSeconds:0} s: {slow.Count}.");
        return wrong.Count + slow.Count == 0;
    }

    /// <summary>The status; 0 when there was no answer at all. A stream is let go once it has begun.</summary>
    private static async Task<int> SendAsync(HttpClient client, HttpRequestMessage request)
    {
        try
        {
            using var answer = await client.SendAsync(request, HttpCompletionOption.ResponseHeadersRead);
            if (answer.Content.Headers.ContentType?.MediaType != "text/event-stream")
            {
                await answer.Content.ReadAsByteArrayAsync();
            }

            return (int)answer.StatusCode;
        }
        catch (Exception error) when (error is HttpRequestException or TaskCanceledException or IOException)
        {
            return 0;
        }
    }

    private (HttpRequestMessage Request, string Curl) Request(Random random, Uri address)
    {
        var (method, path, operation) = _operations[random.Next(_operations.Count)];
        if (method == "DELETE" && random.Next(20) > 0)
        {
            // Where all is deleted there is nothing left to be wrong about.
            (method, path, operation) = _operations[random.Next(_operations.Count)];
        }

        var query = new List<string>();
        foreach (var parameter in operation["parameters"]?.AsArray().Select(each => each!.AsObject()) ?? [])
        {
            var value = Uri.EscapeDataString(Parameter(random, parameter).Replace("\ud800", "", StringComparison.Ordinal));
            if (parameter["in"]!.GetValue<string>() == "path")
            {
                path = path.Replace($"{{{parameter["name"]}}}", value.Length == 0 ? "-" : value, StringComparison.Ordinal);
            }
            else if (random.Next(2) == 0)
            {
                query.Add($"{parameter["name"]}={value}");
            }
        }

        var uri = new Uri(address, path + (query.Count > 0 ? $"?{string.Join('&', query)}" : ""));
        var request = new HttpRequestMessage(new HttpMethod(method), uri);
        var curl = $"curl -s -X {method} '{uri}'";
        if (operation["requestBody"]?["content"]?.AsObject().FirstOrDefault() is { Value: { } content } media)
        {
            var text = Body(random, media.Key, content.AsObject());
            var type = random.Next(30) switch
            {
                0 => null,
                1 => "text/html",
                2 => $"{media.Key}; charset=no-such",
                _ => media.Key,
            };
            request.Content = new ByteArrayContent(Encoding.UTF8.GetBytes(text));
            if (type is not null)
            {
                request.Content.Headers.TryAddWithoutValidation("Content-Type", type);
                curl += $" -H 'Content-Type: {type}'";
            }

            curl += $" -d '{(text.Length > 600 ? text[..600] + "…" : text).Replace("'", "'\\''", StringComparison.Ordinal)}'";
        }

        return (request, curl);
    }

    private string Parameter(Random random, JsonObject parameter) =>
        parameter["schema"]?["format"]?.GetValue<string>() == "uuid" && random.Next(5) > 0 ? _ids[random.Next(_ids.Length)]
        : random.Next(3) == 0 ? Words[random.Next(Words.Length)]
        : random.Next(50).ToString(CultureInfo.InvariantCulture);

    private string Body(Random random, string media, JsonObject content)
    {
        if (!media.Contains("json", StringComparison.Ordinal))
        {
            return random.Next(2) == 0
                ? Words[random.Next(Words.Length)]
                : string.Concat(Enumerable.Range(0, random.Next(1, 200)).Select(_ => Words[random.Next(Words.Length)]));
        }

        var examples = content["examples"]?.AsObject().Select(each => each.Value!["value"]).ToList() ?? [];
        var body =
            examples.Count > 0 && random.Next(3) == 0
                ? examples[random.Next(examples.Count)]!.DeepClone()
                : Value(random, content["schema"]!, 0);
        for (var change = random.Next(4); change > 0 && body is not null; change--)
        {
            Change(random, body);
        }

        var text = body?.ToJsonString() ?? "null";
        return random.Next(40) switch
        {
            0 => text[..random.Next(text.Length)],
            1 => text.Length > 2 && text[0] == '{' ? $"{{{text[1..^1]},{text[1..^1]}}}" : text,
            2 => new string('[', 200) + text,
            3 => text.Replace("\":\"", "\":\"\\ud800", StringComparison.Ordinal),
            _ => text,
        };
    }

    /// <summary>Something that a schema allows, at random; not too deep.</summary>
    private JsonNode? Value(Random random, JsonNode schema, int depth)
    {
        if (schema["$ref"]?.GetValue<string>() is { } reference)
        {
            return Value(random, _document["components"]!["schemas"]![reference.Split('/')[^1]]!, depth);
        }

        if ((schema["oneOf"] ?? schema["anyOf"]) is JsonArray choices)
        {
            return Value(random, choices[random.Next(choices.Count)]!, depth);
        }

        if (schema["enum"] is JsonArray words)
        {
            return words[random.Next(words.Count)]?.DeepClone();
        }

        var types = schema["type"] is JsonArray several
            ? several.Select(each => each!.GetValue<string>()).ToList()
            : [schema["type"]?.GetValue<string>() ?? "object"];
        var type = types[random.Next(types.Count)];
        switch (type)
        {
            case "null":
                return null;
            case "boolean":
                return random.Next(2) == 0;
            case "integer":
                return random.Next(5) == 0 ? (int)Numbers[random.Next(3)] : random.Next(0, 40);
            case "number":
                return random.Next(6) == 0 ? Numbers[random.Next(Numbers.Length)] : Math.Round(random.NextDouble() * 60, 2);
            case "string":
                return Text(random, schema["format"]?.GetValue<string>());
            case "array":
                return new JsonArray([
                    .. Enumerable
                        .Range(0, depth > Depth ? 0 : random.Next(4))
                        .Select(_ => Value(random, schema["items"] ?? new JsonObject(), depth + 1)),
                ]);
        }

        var made = new JsonObject();
        var required = (schema["required"] as JsonArray ?? []).Select(each => each!.GetValue<string>()).ToHashSet();
        foreach (var (name, property) in schema["properties"]?.AsObject() ?? [])
        {
            if (required.Contains(name) || (depth < Depth && random.Next(3) == 0))
            {
                made[name] = Value(random, property!, depth + 1);
            }
        }

        if (schema["additionalProperties"] is JsonObject values && depth < Depth)
        {
            made[random.Next(2) == 0 ? "pre-poo" : Words[random.Next(Words.Length)].Replace("\ud800", "x", StringComparison.Ordinal)] =
                Value(random, values, depth + 1);
        }

        return made;
    }

    private string Text(Random random, string? format) =>
        format switch
        {
            "uuid" => random.Next(6) > 0 ? _ids[random.Next(_ids.Length)] : Guid.NewGuid().ToString(),
            "date" => random.Next(6) > 0
                ? DateTime.Now.AddDays(random.Next(-3, 30)).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture)
                : Words[random.Next(Words.Length)],
            "time" => random.Next(6) > 0 ? $"{random.Next(24):00}:{random.Next(60):00}:00" : Words[random.Next(Words.Length)],
            "date-time" => random.Next(6) > 0
                ? DateTimeOffset.Now.AddHours(random.Next(-30, 10)).ToString("O", CultureInfo.InvariantCulture)
                : Words[random.Next(Words.Length)],
            _ => random.Next(3) == 0 ? Words[random.Next(Words.Length)].Replace("\ud800", "x", StringComparison.Ordinal)
            : (string[])["honey", "cleanse", "deep-condition", "1 tbsp honey", "Etc/UTC", "Sunday mask"] is var usual
                ? usual[random.Next(usual.Length)]
            : "",
        };

    /// <summary>Something in it becomes something else.</summary>
    private static void Change(Random random, JsonNode body)
    {
        var all = Inside(body).ToList();
        if (all.Count == 0)
        {
            return;
        }

        var node = all[random.Next(all.Count)];
        JsonNode? other = random.Next(6) switch
        {
            0 => null,
            1 => Numbers[random.Next(Numbers.Length)],
            2 => Words[random.Next(Words.Length)].Replace("\ud800", "x", StringComparison.Ordinal),
            3 => new JsonArray((JsonNode?)null),
            4 => new JsonObject { ["what"] = "is this" },
            _ => true,
        };
        switch (node)
        {
            case JsonObject { Count: > 0 } map when random.Next(4) == 0:
                map.Remove(map.ElementAt(random.Next(map.Count)).Key);
                break;
            case JsonObject { Count: > 0 } map:
                map[map.ElementAt(random.Next(map.Count)).Key] = other;
                break;
            case JsonArray { Count: > 0 } list:
                list[random.Next(list.Count)] = other;
                break;
            case JsonArray list:
                list.Add(other);
                break;
        }
    }

    private static IEnumerable<JsonNode> Inside(JsonNode node) =>
        node switch
        {
            JsonObject map => map.Select(each => each.Value).OfType<JsonNode>().SelectMany(Inside).Prepend(map),
            JsonArray list => list.OfType<JsonNode>().SelectMany(Inside).Prepend(list),
            _ => [],
        };
}

using System.Text;
using System.Text.Json.Nodes;
using BoldLadder.Core.Choosing;

namespace BoldLadder.Server.Tests;

/// <summary>
/// Requests made from the OpenAPI document by a seed: every operation, good and bad ids, wrong types, missing and unknown
/// kinds, huge, cut off, nested, NUL and odd letters. BOLDLADDER_FUZZ sets how many; bench/fuzz asks for many more.
/// </summary>
public sealed class FuzzTests(App app)
{
    private static readonly string[] Odd =
    [
        "", " ", "\0", "a\0b", "-", "'", "=1+1", "сat", "ｃat", "𝐜at", "\u212A", "\u202Ecat", "😀", "\"", "\\", "<script>", "../..", "a/b", "%00", "null", "undefined",
        "'; drop table schools; --", "{{7*7}}", "9999999999999999999", "-1", "1e309", "NaN", "cat", "ship", "ea:ee", "sh:sh", "a_e:ai", "-ing", "tricky was", "card sh:sh", "today", "2026-11-24", "0001-01-01",
    ];

    private readonly JsonNode _document = JsonNode.Parse(File.ReadAllText(Path.Combine(App.Root, "docs", "openapi.json")))!;

    [Fact]
    public async Task Whatever_is_sent_nothing_fails_nothing_hangs_and_every_group_still_opens()
    {
        var count = int.Parse(Environment.GetEnvironmentVariable("BOLDLADDER_FUZZ") ?? "2000");
        var (school, other) = (await School.Make(taught: [12, 40]), await School.Make(taught: 5));
        var ids = new List<string> { school.Groups[0].ToString(), school.Groups[1].ToString(), school.LadderId.ToString(), other.Groups[0].ToString(), Guid.Empty.ToString() };
        ids.Add((await app.Get($"{school.Group()}/lessons/today")).Text("id"));
        ids.Add((await app.Get($"{school.Group(1)}/lessons/today")).Text("id"));
        var operations = _document["paths"]!.AsObject().SelectMany(p => p.Value!.AsObject().Select(m => (Path: p.Key, Method: m.Key, Operation: m.Value!))).ToList();
        var seed = ulong.Parse(Environment.GetEnvironmentVariable("BOLDLADDER_FUZZ_SEED") ?? "20261125");
        using var impatient = app.CreateClient();
        var failed = new System.Collections.Concurrent.ConcurrentBag<string>();
        await Parallel.ForEachAsync(Enumerable.Range(0, count), new ParallelOptions { MaxDegreeOfParallelism = 2 }, async (i, cancel) =>
        {
            var dice = new Dice(seed + (ulong)i);
            var (path, method, operation) = operations[i % operations.Count];
            using var request = new HttpRequestMessage(new HttpMethod(method.ToUpperInvariant()), Address(path, operation, school, ids, dice));
            if (operation["requestBody"]?["content"]?["application/json"]?["schema"] is { } schema)
            {
                request.Content = new StringContent(Body(schema, dice), Encoding.UTF8, "application/json");
            }

            using var hang = CancellationTokenSource.CreateLinkedTokenSource(cancel);
            hang.CancelAfter(TimeSpan.FromSeconds(60));
            using var answer = await impatient.SendAsync(request, hang.Token);
            var text = await answer.Content.ReadAsStringAsync(hang.Token);
            if ((int)answer.StatusCode == 500 || (int)answer.StatusCode > 503 || text.Contains("   at ", StringComparison.Ordinal)
                || ((int)answer.StatusCode >= 400 && answer.Content.Headers.ContentType?.MediaType == "application/problem+json" && JsonNode.Parse(text)!["detail"] is null))
            {
                var sent = request.Content is null ? "" : Short(await request.Content.ReadAsStringAsync(hang.Token));
                failed.Add($"{i}: {(int)answer.StatusCode} {method} {request.RequestUri} {sent} {Short(text)}");
            }
        });
        Assert.True(failed.IsEmpty, $"{failed.Count}:\n{string.Join('\n', failed.Take(10))}");
        foreach (var group in new[] { school.Group(), school.Group(1), other.Group() })
        {
            Assert.NotEmpty((await app.Get($"{group}/lessons/today")).Items());
        }

        Assert.NotEmpty((await app.Get(school.Ladder())).Rungs());
    }

    private string Address(string path, JsonNode operation, School school, List<string> ids, Dice dice)
    {
        var query = new List<string>();
        foreach (var parameter in (operation["parameters"]?.AsArray() ?? []).Select(x => x!))
        {
            var name = parameter.Text("name");
            var good = name switch
            {
                "schoolId" => school.Id.ToString(),
                "groupId" => ids[dice.Next(2)],
                "ladderId" => ids[2],
                "lessonId" => ids[dice.Next(2) + 5],
                "rungId" or "asIf" => dice.Next(2) == 0 ? "sh-sh" : "s-s",
                "day" => dice.Next(2) == 0 ? "today" : "2026-11-25",
                "accent" => dice.Next(2) == 0 ? "us" : "gb-north",
                "kind" => new[] { "words", "rhymes", "chain", "made-up", "minimal", "without", "by-ending-sound" }[dice.Next(7)],
                "sound" => "ai",
                _ => "3",
            };
            var value = dice.Next(4) > 0 ? good : dice.Next(2) == 0 ? ids[dice.Next(ids.Count)] : dice.Next(20) == 0 ? new string('x', 3000) : Odd[dice.Next(Odd.Length)];

            // The test host itself refuses a NUL in an address; a real server answers 400 before anything of ours.
            var written = Uri.EscapeDataString(value.Replace("\0", "", StringComparison.Ordinal));
            if (parameter.Text("in") == "path")
            {
                path = path.Replace($"{{{name}}}", written.Length == 0 ? "x" : written, StringComparison.Ordinal);
            }
            else if (dice.Next(3) > 0)
            {
                query.Add($"{name}={written}");
            }
        }

        return query.Count == 0 ? path : $"{path}?{string.Join('&', query)}";
    }

    private string Body(JsonNode schema, Dice dice)
    {
        var text = Value(schema, dice, 0)?.ToJsonString() ?? "null";
        return dice.Next(12) switch
        {
            0 => text[..dice.Next(text.Length + 1)],
            1 => $"[{text}]",
            2 => string.Concat(Enumerable.Repeat("[", 200)) + string.Concat(Enumerable.Repeat("]", 200)),
            3 => text.Replace(":", ":null,\"x\":", StringComparison.Ordinal),
            _ => text,
        };
    }

    private JsonNode? Value(JsonNode schema, Dice dice, int depth)
    {
        if (schema["$ref"]?.GetValue<string>() is { } reference)
        {
            return Value(_document["components"]!["schemas"]![reference[(reference.LastIndexOf('/') + 1)..]]!, dice, depth);
        }

        if (dice.Next(14) == 0)
        {
            return Wrong(dice);
        }

        foreach (var several in new[] { "oneOf", "anyOf" })
        {
            if (schema[several]?.AsArray() is { } choices)
            {
                return Value(choices[dice.Next(choices.Count)]!, dice, depth);
            }
        }

        if (schema["enum"]?.AsArray() is { } names)
        {
            return names[dice.Next(names.Count)]?.DeepClone();
        }

        var type = schema["type"] is JsonArray types ? types[dice.Next(types.Count)]!.GetValue<string>() : schema["type"]?.GetValue<string>() ?? "object";
        return type switch
        {
            "null" => null,
            "string" => dice.Next(30) == 0 ? new string('z', 5000) : Odd[dice.Next(Odd.Length)],
            "integer" or "number" => new[] { 1, 1, 1, 2, 3, 0, -1, 25, int.MaxValue, int.MinValue }[dice.Next(10)],
            "boolean" => dice.Next(2) == 0,
            "array" => new JsonArray([.. Enumerable.Range(0, depth > 4 ? 0 : dice.Next(40) == 0 ? 600 : dice.Next(4)).Select(_ => Value(schema["items"] ?? new JsonObject(), dice, depth + 1))]),
            _ => Object(schema, dice, depth),
        };
    }

    private JsonObject Object(JsonNode schema, Dice dice, int depth)
    {
        var made = new JsonObject();
        foreach (var (name, property) in schema["properties"]?.AsObject() ?? [])
        {
            if (dice.Next(10) > 0)
            {
                made[name] = Value(property!, dice, depth + 1);
            }
        }

        if (dice.Next(20) == 0)
        {
            made["kind"] = "dance";
        }

        return made;
    }

    private static JsonNode? Wrong(Dice dice) => dice.Next(6) switch
    {
        0 => null,
        1 => JsonValue.Create(7),
        2 => JsonValue.Create(true),
        3 => new JsonArray(1, "a", null),
        4 => new JsonObject { ["kind"] = "dance" },
        _ => JsonValue.Create(Odd[dice.Next(Odd.Length)]),
    };

    private static string Short(string text) => text.Length > 300 ? text[..300] : text;
}

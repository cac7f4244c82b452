using System.Text.Json.Nodes;

namespace BoldLadder.Server.Storage;

/// <summary>Documents as earlier versions wrote them, brought to today's form: read for ever.</summary>
internal static class OldDocuments
{
    private static readonly (string Old, string Kind)[] Lists =
        [("correspondences", "correspondence"), ("endings", "ending"), ("structures", "structure"), ("rimeUnits", "rimeUnit"), ("clusters", "cluster")];

    /// <summary>Version 1 kept what a rung adds in a list for each kind.</summary>
    public static void Rung(JsonObject rung)
    {
        // An id stands in addresses; some that were taken then could not be opened.
        rung["id"] = string.Concat((rung["id"]?.GetValue<string>() ?? "").Select(x => char.IsAsciiLetterOrDigit(x) || x is '-' or '_' ? x : '-'));
        rung["adds"] = Things(rung);
        foreach (var (old, _) in Lists)
        {
            rung.Remove(old);
        }
    }

    public static void Ladder(JsonObject ladder)
    {
        foreach (var rung in Objects(ladder["sections"]).SelectMany(x => Objects(x["rungs"])))
        {
            Rung(rung);
        }
    }

    /// <summary>Version 1 kept what was taught in a list for each kind.</summary>
    public static void Log(JsonObject log) => log["things"] = Things(log["things"] as JsonObject);

    /// <summary>
    /// Version 1 had one list for what is new and what is gone over, and reasons as sentences. Up to version 2 what is asked
    /// was written as one of the reasons.
    /// </summary>
    public static void Lesson(JsonObject lesson, int version)
    {
        foreach (var ask in Objects(lesson["blocks"]).SelectMany(x => Objects(x["asks"])))
        {
            ask["code"] = AskNamed(ask["code"]?.GetValue<string>() ?? "");
        }

        if (version > 1)
        {
            return;
        }

        var things = Things(lesson["things"] as JsonObject);
        var isNew = lesson["kind"]?.GetValue<string>() is "newLearning" or "structure" && lesson["rungId"]?.GetValue<string>() is { Length: > 0 };
        lesson.Remove("things");
        lesson["teaches"] = isNew ? things : new JsonArray();
        lesson["goesOver"] = isNew ? new JsonArray() : things;
        foreach (var item in Objects(lesson["blocks"]).SelectMany(x => Objects(x["items"])))
        {
            Item(item);
        }
    }

    public static void Item(JsonObject item)
    {
        if (item["reason"]?.GetValue<string>() is { } sentence)
        {
            item["reasons"] = sentence.Length == 0 ? new JsonArray()
                : new JsonArray(new JsonObject { ["code"] = "asWritten", ["arguments"] = new JsonArray(sentence) });
        }

        item.Remove("reason");
    }

    private static string AskNamed(string reason) =>
        reason.StartsWith("ask", StringComparison.Ordinal) && reason.Length > 3 ? $"{char.ToLowerInvariant(reason[3])}{reason[4..]}" : reason;

    private static JsonArray Things(JsonObject? from) => [.. Lists.SelectMany(x => (from?[x.Old] as JsonArray ?? [])
        .Select(key => (JsonNode)new JsonObject { ["kind"] = x.Kind, ["key"] = key!.GetValue<string>() }))];

    private static IEnumerable<JsonObject> Objects(JsonNode? list) => (list as JsonArray ?? []).OfType<JsonObject>();
}

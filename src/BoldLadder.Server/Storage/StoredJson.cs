using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;

namespace BoldLadder.Server.Storage;

/// <summary>A document kept as jsonb: it says which version it is written in.</summary>
public interface IStored
{
    /// <summary>The version that is written today, from 1.</summary>
    static abstract int Version { get; }

    /// <summary>Brings a document of an older version to today's, in place.</summary>
    static abstract void Upgrade(JsonObject old, int version);
}

/// <summary>
/// How documents are written: camel case, kinds and choices in words, and the version beside them as <c>v</c>. What is
/// read is checked whole, and an older version is brought up to today's first.
/// </summary>
public static class StoredJson
{
    private const string VersionKey = "v";

    public static JsonSerializerOptions Options { get; } = new(JsonSerializerDefaults.Web)
    {
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false) },
        AllowOutOfOrderMetadataProperties = true,
        RespectNullableAnnotations = true,
        RespectRequiredConstructorParameters = true,
    };

    public static string Write<T>(T document)
        where T : IStored
    {
        var node = JsonSerializer.SerializeToNode(document, Options)!.AsObject();
        node[VersionKey] = T.Version;
        return node.ToJsonString();
    }

    /// <exception cref="InvalidDataException">The stored text is not such a document, or one of a newer program.</exception>
    public static T Read<T>(string text)
        where T : IStored
    {
        try
        {
            var node = JsonNode.Parse(text) as JsonObject ?? throw new InvalidDataException($"an empty {typeof(T).Name} was stored");
            var version = node[VersionKey]?.GetValue<int>() ?? 1;
            if (version > T.Version)
            {
                throw new InvalidDataException($"a stored {typeof(T).Name} is of version {version}; this program reads up to {T.Version}");
            }

            if (version < T.Version)
            {
                T.Upgrade(node, version);
            }

            node.Remove(VersionKey);
            return node.Deserialize<T>(Options) ?? throw new InvalidDataException($"an empty {typeof(T).Name} was stored");
        }
        catch (Exception problem) when (problem is JsonException or InvalidOperationException or FormatException or ArgumentException)
        {
            // Not its text: that was typed by somebody.
            throw new InvalidDataException($"a stored {typeof(T).Name} can't be read ({problem.GetType().Name})");
        }
    }
}

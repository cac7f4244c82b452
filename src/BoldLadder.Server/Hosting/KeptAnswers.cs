using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace BoldLadder.Server.Hosting;

/// <summary>Answers kept as they are sent, so that what is opened most is worked out and written once for each version of it.</summary>
public sealed class KeptAnswers(Kept kept, IOptions<JsonOptions> json)
{
    /// <summary>The answer under a key, or null when it is not kept.</summary>
    public byte[]? Find(string key) => kept.Find<byte[]>($"answer {key}");

    public byte[] Keep<T>(string key, T view)
    {
        var sent = JsonSerializer.SerializeToUtf8Bytes(view, json.Value.SerializerOptions);
        return kept.Keep($"answer {key}", sent, sent.Length / 1024);
    }

    public static FileContentHttpResult Send(byte[] answer) => TypedResults.File(answer, "application/json; charset=utf-8");
}

using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using System.Text.Json.Serialization.Metadata;
using BoldLadder.Server.Storage;

namespace BoldLadder.Server.Importing;

/// <summary>The JSON Schema of a ladder as a file, made from the document itself, so that neither can drift from the other.</summary>
public static class LadderSchema
{
    public static string Text { get; } = Make();

    public static void Map(IEndpointRouteBuilder app) => app.MapGet("/api/schemas/ladder.json", () => TypedResults.Text(Text, "application/schema+json"))
        .WithSummary("The JSON Schema of a ladder as a file.").Produces(200, contentType: "application/schema+json");

    private static string Make()
    {
        var options = new JsonSerializerOptions(StoredJson.Options) { TypeInfoResolver = new DefaultJsonTypeInfoResolver(), WriteIndented = true };
        var schema = options.GetJsonSchemaAsNode(typeof(LadderDocument), new JsonSchemaExporterOptions { TreatNullObliviousAsNonNullable = true }).AsObject();
        var whole = new JsonObject
        {
            ["$schema"] = "https://json-schema.org/draft/2020-12/schema", ["title"] = "A ladder: the order in which a school teaches spellings with their sounds",
        };
        foreach (var (key, value) in schema.ToList())
        {
            schema.Remove(key);
            whole[key] = value;
        }

        return whole.ToJsonString(options) + "\n";
    }
}

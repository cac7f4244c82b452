using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace BoldLadder.Server.Hosting;

/// <summary>The OpenAPI document, made from the code and committed as docs/openapi.json.</summary>
public static class ApiDocument
{
    public static void Describe(OpenApiOptions options)
    {
        options.AddDocumentTransformer((document, _, _) =>
        {
            document.Info.Title = "Bold Ladder";
            document.Info.Version = "1";
            document.Servers?.Clear();
            return Task.CompletedTask;
        });

        // The school is read from the address before any handler runs, so no handler names it.
        options.AddOperationTransformer((operation, context, _) =>
        {
            if (context.Description.RelativePath?.Contains("{schoolId", StringComparison.Ordinal) == true)
            {
                operation.Parameters ??= [];
                operation.Parameters.Insert(0, new OpenApiParameter
                {
                    Name = "schoolId", In = ParameterLocation.Path, Required = true,
                    Schema = new OpenApiSchema { Type = JsonSchemaType.String, Format = "uuid" },
                });
            }

            return Task.CompletedTask;
        });
    }
}

using System.Text.Json.Serialization;
using BoldLadder.Server.Demo;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Importing;
using BoldLadder.Server.Ladders;
using BoldLadder.Server.Lessons;
using BoldLadder.Server.Schools;
using BoldLadder.Server.Storage;
using BoldLadder.Server.Words;
using Microsoft.EntityFrameworkCore;

var builder = WebApplication.CreateBuilder(args);
builder.WebHost.ConfigureKestrel(x =>
{
    x.AddServerHeader = false;
    x.Limits.MaxRequestBodySize = Limits.Body;
});
builder.Logging.ClearProviders().AddJsonConsole().AddFilter("Microsoft.EntityFrameworkCore", LogLevel.None)
    .AddFilter("Microsoft.AspNetCore", LogLevel.Warning)

    // A database that is away is told by those who ask for it.
    .AddFilter("Microsoft.Extensions.Diagnostics.HealthChecks", LogLevel.Critical);
builder.Configuration["AllowedHosts"] = builder.Configuration["BOLDLADDER_HOSTS"] ?? "127.0.0.1;localhost";

var services = builder.Services;
services.AddSingleton<Today>().AddSingleton<ShippedData>().AddSingleton<StarterLadders>().AddSingleton<StockCache>().AddSingleton<MadeUpChecks>().AddSingleton<EvidenceBooks>().AddSingleton<SpellingBooks>()
    .AddSingleton<DemoSchools>().AddSingleton<DemoMaking>();
services.AddSingleton<Kept>().AddSingleton<KeptAnswers>().AddSingleton<RungPool>().AddSingleton<Turns>();
services.AddScoped<SchoolScope>().AddScoped<Classrooms>().AddScoped<LessonBook>()
    .AddScoped<LessonViews>().AddScoped<LadderDesks>().AddScoped<WorkBudget>();
services.AddDbContext<BoldLadderDb>(
    (_, options) => options.UseNpgsql(DatabasePatience.Within(builder.Configuration["BOLDLADDER_DB"])).UseSnakeCaseNamingConvention().AddInterceptors(new SchoolOnConnection()),
    optionsLifetime: ServiceLifetime.Singleton);
services.ConfigureHttpJsonOptions(x =>
{
    x.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
    x.SerializerOptions.AllowOutOfOrderMetadataProperties = true;
    x.SerializerOptions.RespectNullableAnnotations = true;
    x.SerializerOptions.RespectRequiredConstructorParameters = true;
    x.SerializerOptions.Converters.Add(new JsonStringEnumConverter(System.Text.Json.JsonNamingPolicy.CamelCase, allowIntegerValues: false));
});
// Otherwise a body that can't be read is answered without a word of what is wrong, outside development.
services.Configure<RouteHandlerOptions>(x => x.ThrowOnBadRequest = true);
services.AddProblemDetails(Failures.Describe);
services.AddExceptionHandler<Failures>();
services.AddRequestTimeouts(x => Limits.Time(x, Limits.Longest));
services.AddValidation();
services.AddOpenApi(ApiDocument.Describe);
services.AddHealthChecks().AddDbContextCheck<BoldLadderDb>(tags: ["ready"]);
Limits.Add(services, builder.Configuration);

if (WarmUp.IsAsked(builder.Configuration) && args is not (["migrate", ..] or ["demo", ..]))
{
    services.AddHostedService<WarmUp>();
}

var app = builder.Build();
if (args is ["migrate", ..] or ["demo", ..])
{
    return await Commands.Run(app, args);
}

Guard.UseHeaders(app);
app.UseExceptionHandler();
app.UseStatusCodePages();
app.UseHostFiltering();
Guard.Use(app);
app.UseRateLimiter();
app.UseRequestTimeouts();
app.Use(Limits.AnswerToItsEnd);
app.UseDefaultFiles();
app.UseStaticFiles();
app.MapHealthChecks("/health/live", new() { Predicate = _ => false });
app.MapHealthChecks("/health/ready", new() { Predicate = x => x.Tags.Contains("ready") });
app.MapOpenApi();
PublicWords.Map(app);
PublicChoices.Map(app);
PublicMadeUp.Map(app);
PublicEvidence.Map(app);
var school = SchoolRoutes.InSchool(app);
SchoolRoutes.Map(app, school);
LessonRoutes.Map(school);
LadderRoutes.Map(school);
StarterRoutes.Map(school);
NeedsRoutes.Map(school);
ConventionsRoutes.Map(school);
ShapeRoutes.Map(school);
YearRoutes.Map(school);
PartRoutes.Map(school);
GroupRoutes.Map(school);
BoldLadder.Server.Year.GroupYearRoutes.Map(school);
ImportRoutes.Map(school);
LadderSchema.Map(app);
DemoRoutes.Map(app);
SchoolWordRoutes.Map(school);
GroupLists.Map(school);
OwnWordRoutes.Map(school);
OwnSentenceRoutes.Map(school);
app.MapFallback("/api/{**path}", () => Problems.Missing("address", "There is nothing at this address."));
app.MapFallbackToFile("index.html");
app.Services.GetRequiredService<ShippedData>();
await app.RunAsync();
return 0;

/// <summary>The program; named so that tests can start it.</summary>
public partial class Program;

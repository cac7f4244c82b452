using BoldLadder.Core.Lessons;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Lessons;

/// <summary>
/// Goes through one group's ladder as soon as the process runs, beside whatever is asked, and composes lessons for nobody:
/// the first lesson that a teacher opens is then not the one that the process learns on. Nothing is written.
/// </summary>
public sealed class WarmUp(IServiceScopeFactory scopes, ILogger<WarmUp> log) : BackgroundService
{
    // From the first letters to longer words every kind of lesson comes.
    private const int RungsApart = 3;

    /// <summary>On where a person waits for the first answer, off in tests, where each process is asked little.</summary>
    public static bool IsAsked(IConfiguration settings) => settings["BOLDLADDER_WARM"] == "1";

    protected override Task ExecuteAsync(CancellationToken stoppingToken) => Task.Run(
        async () =>
        {
            try
            {
                await Warm(stoppingToken);
            }
            catch (Exception problem) when (problem is not OperationCanceledException)
            {
                // Whoever asks next is told what is wrong; nobody asked for this.
                log.LogInformation("Not warmed up: {Problem}", problem.GetType().Name);
            }
        },
        stoppingToken);

    private async Task Warm(CancellationToken stop)
    {
        using var scope = scopes.CreateScope();
        var db = scope.ServiceProvider.GetRequiredService<BoldLadderDb>();
        var schools = await db.Database.SqlQuery<Guid>($"select id as \"Value\" from school_names() order by id limit 1").ToListAsync(stop);
        if (schools is not [var school])
        {
            return;
        }

        scope.ServiceProvider.GetRequiredService<SchoolScope>().Choose(school);
        var group = await db.Groups.AsNoTracking().OrderBy(x => x.Position).Select(x => (Guid?)x.Id).FirstOrDefaultAsync(stop);
        if (group is not { } id || await scope.ServiceProvider.GetRequiredService<Classrooms>().Find(id, stop) is not { } room)
        {
            return;
        }

        var views = scope.ServiceProvider.GetRequiredService<LessonViews>();
        foreach (var rung in room.Ladder.Rungs.Where((_, i) => i % RungsApart == 0))
        {
            stop.ThrowIfCancellationRequested();
            var there = room.At(rung);
            _ = rung == room.Ladder.Rungs[0] ? views.AsIf(there, room.Today) : null;
            if (LessonBook.Brief(there, room.Today, room.Conventions.LessonMinutes) is { } brief)
            {
                _ = LessonComposer.Compose(brief);
            }
        }
    }
}

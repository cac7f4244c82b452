using BoldLadder.Core.Calendar;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Year;
using BoldLadder.Server.Storage;

namespace BoldLadder.Server.Groups;

/// <summary>
/// All that an answer about one group needs: its school, its ladder as published, its log and its words, and what the core
/// makes of them. Immutable, and shared by the requests that find it kept.
/// </summary>
public sealed class Classroom
{
    private readonly Ladder _whole;
    private readonly Lazy<Unlocking> _unlocking;
    private readonly Lazy<Forecast> _forecast;
    private readonly Lazy<PlannedLessons> _planned;
    private readonly Lazy<IReadOnlyDictionary<string, DateOnly>> _dates;

    /// <param name="key">Names all that it was made from, and the versions of that.</param>
    /// <param name="ladder">As the school has it: the group goes up it at its own pace.</param>
    /// <param name="standing">Where the group stands, or is taken to stand.</param>
    public Classroom(
        string key, SchoolSettings school, GroupRow group, ClassConventions conventions, Ladder ladder, int ladderRevision, GroupLog log, WordStock stock,
        DateOnly today, Standing? standing = null)
    {
        (Key, School, Group, Conventions, Ladder, LadderRevision, Log, Stock, Today) =
            (key, school, group, conventions, ladder, ladderRevision, log, stock, today);
        (_whole, Plan) = (ladder, PlanDocument.Read(group.Plan));
        var (paced, days) = (conventions.Paced(ladder, log.BegunBefore), conventions.Week is { } week ? school.Year.With(week) : school.Year);
        (Ladder, Year) = (Plan.For(paced), Plan.For(days));
        GroupYear = plan => new GroupYear(paced, days, log, stock.Rules, plan, today);
        Logged = Standing.Of(Ladder, log, Year, stock.Rules);
        Standing = standing ?? Logged;
        _unlocking = new Lazy<Unlocking>(() => new Unlocking(ladder, stock.Rules));
        _forecast = new Lazy<Forecast>(() => new Forecast(Logged, log, today, conventions.LessonMinutes));
        _planned = new Lazy<PlannedLessons>(() => new PlannedLessons(Logged, log, Forecast.Days, (x, before) => Brief(x, before, MinutesOn(x.Day))));
        _dates = new Lazy<IReadOnlyDictionary<string, DateOnly>>(() => Placement.Dates(Logged, log, today));
    }

    public string Key { get; }

    /// <summary>The group that one adult teaches in the same room; null for a group alone. It knows of no other itself.</summary>
    public Classroom? Mate { get; init; }

    /// <summary>The data files that the words and sentences come from, by their hash.</summary>
    public required string DataFingerprint { get; init; }

    public SchoolSettings School { get; }

    public GroupRow Group { get; }

    /// <summary>The school's over what ships, and the group's over those.</summary>
    public ClassConventions Conventions { get; }

    /// <summary>As published, or on the desk as drafted, at the group's pace.</summary>
    public Ladder Ladder { get; }

    public int LadderRevision { get; }

    public GroupLog Log { get; }

    /// <summary>What is otherwise for the group in the school's year.</summary>
    public GroupPlan Plan { get; }

    /// <summary>The group's year by a plan.</summary>
    public Func<GroupPlan, GroupYear> GroupYear { get; }

    public WordStock Stock { get; }

    public DateOnly Today { get; }

    /// <summary>The school's days with the group's own week and what is otherwise for it.</summary>
    public SchoolYear Year { get; }

    /// <summary>How the group speaks.</summary>
    public Accent Accent => Stock.Words.Accent;

    public ReadingRules Rules => Stock.Rules;

    /// <summary>Where the group stands, or is taken to stand when somebody asked for that.</summary>
    public Standing Standing { get; }

    /// <summary>Where the group stands by its log.</summary>
    public Standing Logged { get; }

    public TaughtSet Taught => Standing.Taught;

    /// <summary>Where it will be on the days to come.</summary>
    public Forecast Forecast => _forecast.Value;

    /// <summary>The lessons of the days to come.</summary>
    public PlannedLessons Planned => _planned.Value;

    /// <summary>What each rung opens, whatever the pace.</summary>
    public Unlocking Unlocking => _unlocking.Value;

    /// <summary>The first day on which each rung was or will be taught.</summary>
    public IReadOnlyDictionary<string, DateOnly> Dates => _dates.Value;

    /// <summary>The same group taken to stand at a rung.</summary>
    public Classroom At(Rung rung) => new($"{Key} at {rung.Id}", School, Group, Conventions, _whole, LadderRevision, Log, Stock, Today, Logged.At(rung, Today)) { DataFingerprint = DataFingerprint, Mate = Mate };

    /// <summary>The same group with the other that one adult teaches in the same room.</summary>
    public Classroom With(Classroom mate) => new($"{Key} with {mate.Key}", School, Group, Conventions, _whole, LadderRevision, Log, Stock, Today) { DataFingerprint = DataFingerprint, Mate = mate };

    /// <summary>The same group beside another ladder, or another state of its own.</summary>
    public Classroom Beside(string key, Ladder ladder, int revision, WordStock stock) => new(key, School, Group, Conventions, ladder, revision, Log, stock, Today) { DataFingerprint = DataFingerprint };

    /// <summary>Where the group stood or will stand on the morning of a day, a lesson that is in the log left out.</summary>
    public Standing Before(DateOnly day, string lessonId)
    {
        if (Log.Counted.All(x => x.LessonId != lessonId))
        {
            return Forecast.Before(day);
        }

        var without = new GroupLog(Log.Entries.Where(x => x.LessonId != lessonId));
        return new Forecast(Standing.Of(Ladder, without, Year, Rules), without, Today, Conventions.LessonMinutes).Before(day);
    }

    // What is due on a day further off is not known well enough to call a card too early.
    private const int DueIsKnown = 10;

    /// <summary>The standing on the morning of a day as its lesson is checked by, and whether what is due then is known.</summary>
    public (Standing Before, bool Due) CheckedBy(DateOnly day, string lessonId) =>
        day > Today && !Log.HasDay(day) && Forecast.Days.Take(DueIsKnown).Any(x => x.Day == day) ? (Planned.Before(day), true) : (Before(day, lessonId), day == Today);

    /// <summary>What the lesson of a day is made from, on a standing.</summary>
    public LessonBrief Brief(PlacedDay placed, Standing before, int minutes) =>
        new(Stock, before, Conventions, placed.Day, placed.Rung, minutes, LessonInputs.SeedOf(Group.Id, placed.Day), shared: SharedOn(placed.Day));

    /// <summary>What is gone over on a day together with the other group in the room; null for a group alone.</summary>
    /// <remarks>
    /// From what both will have been taught by then, and not from the lessons planned for it, so that it is the same from
    /// either side. What is taught on the day itself comes after it.
    /// </remarks>
    public SharedRevisit? SharedOn(DateOnly day)
    {
        if (Mate is null || Standing.AsIf is not null)
        {
            return null;
        }

        var (one, other) = (Group.Position, Group.Id).CompareTo((Mate.Group.Position, Mate.Group.Id)) < 0 ? (this, Mate) : (Mate, this);
        return new SharedRevisit(one.Forecast.Morning(day), other.Forecast.Morning(day), day, LessonInputs.SeedOf(one.Group.Id, day));
    }

    /// <summary>How long the lesson of a day is.</summary>
    public int MinutesOn(DateOnly day) => Year.Happening(day, EventUse.ShortLesson) ? ClassConventions.ShortMinutes : Conventions.LessonMinutes;

    /// <summary>What a lesson of the group on a day is made from.</summary>
    public LessonInputs InputsOf(DateOnly day) => new(
        $"{Group.LadderId:N}:{LadderRevision}", Accent.Id, $"{Conventions} {string.Join(", ", Conventions.Shapes)} {MinutesOn(day)}", School.YearText, School.WordsRevision, Log.Position,
        string.Join(' ', Forecast.Days.TakeWhile(x => x.Day < day).Where(x => !Log.HasDay(x.Day)).Select(x => $"{x.Day:O}/{x.Rung?.Id}/{MinutesOn(x.Day)}")),
        DataFingerprint, LessonInputs.SeedOf(Group.Id, day), Mate is null ? "" : Mate.KnownOn(day));

    // What the other group in the room goes by on the morning of a day: its own lesson of that day changes nothing.
    private string KnownOn(DateOnly day) => string.Join(' ', Group.Id, Group.LadderId, LadderRevision, Accent.Id, Conventions, Log.Entries.Where(x => x.Day < day).Select(x => x.Position).DefaultIfEmpty().Max(),
        string.Join(' ', Forecast.Days.TakeWhile(x => x.Day < day).Where(x => !Log.HasDay(x.Day)).Select(x => $"{x.Day:O}/{x.Rung?.Id}")));
}

using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Log;

namespace BoldLadder.Core.Lessons;

/// <summary>
/// What a class has done with words beside reading them: it was shown them, spelt them, changed one into the next, put them
/// to pictures, told them apart, wrote about them, guessed them. Kept in the log by what was done, so that the next days go
/// on to others.
/// </summary>
internal static class WorkDone
{
    /// <summary>What the log keeps of a block; nothing for most.</summary>
    public static IEnumerable<string> Of(LessonBlock block) => block.Items
        .Where(x => block.Activity != Activity.Read || x.Release == Release.AdultShows).Select(x => KeyOf(block.Activity, x.Text)).OfType<string>();

    /// <summary>The words, in small letters, that were in this piece in one of the last lessons.</summary>
    public static IReadOnlySet<string> Lately(LessonBrief brief, Activity activity, int lessons) => Ago(brief, activity, lessons).Keys.ToHashSet();

    /// <summary>The words, in small letters and in their order, that were in this piece in the last lesson.</summary>
    public static IReadOnlyList<string> Yesterday(LessonBrief brief, Activity activity) => [.. brief.Standing.Lessons.TakeLast(1).SelectMany(x => In(x, activity))];

    /// <summary>How many lessons ago a word, in small letters, was last in this piece: 1 in the last one; more than so many where it was in none of them.</summary>
    public static Func<string, int> Since(LessonBrief brief, Activity activity, int lessons)
    {
        var ago = Ago(brief, activity, lessons);
        return word => ago.GetValueOrDefault(word, lessons + 1);
    }

    /// <summary>In how many lessons a word was in this piece.</summary>
    public static int Times(LessonBrief brief, Activity activity, string word) => brief.Standing.TimesRead.GetValueOrDefault(KeyOf(activity, word)!);

    private static Dictionary<string, int> Ago(LessonBrief brief, Activity activity, int lessons)
    {
        var ago = new Dictionary<string, int>();
        foreach (var (lesson, at) in brief.Standing.Lessons.TakeLast(lessons).Reverse().Select((x, at) => (x, at)))
        {
            foreach (var word in In(lesson, activity))
            {
                ago.TryAdd(word, at + 1);
            }
        }

        return ago;
    }

    private static IEnumerable<string> In(TaughtLesson lesson, Activity activity)
    {
        var begins = KeyOf(activity, "")!;
        return lesson.Read.Where(x => x.StartsWith(begins, StringComparison.Ordinal)).Select(x => x[begins.Length..]);
    }

    // What is built with letters is spelt.
    private static string? KeyOf(Activity activity, string word)
    {
        var done = activity switch
        {
            Activity.Spell or Activity.Build => "spelt",
            Activity.Read => "shown",
            Activity.Chain => "changed",
            Activity.Compare => "compared",
            Activity.MatchPicture => "put to its picture",
            Activity.SameSound => "told apart",
            Activity.WritePicture => "written about",
            Activity.Riddles => "guessed",
            _ => null,
        };
        return done is null ? null : $"{done}: {word.ToLowerInvariant()}";
    }
}

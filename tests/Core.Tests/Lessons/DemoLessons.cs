using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>A lesson for every rung of both demo ladders, as its class comes to it: what several suites look into.</summary>
internal static class DemoLessons
{
    // The opening letters have hardly words: games by ear take their place.
    internal const int Opening = 10;

    /// <summary>Letters and digraphs that most orders teach before longer words, as <see cref="World.LadderOf"/> reads them.</summary>
    internal const string Letters = "n:n o:o d:d i:i m:m t:t s:s g:g p:p a:a h:h c:k e:e r:r b:b u:u f:f l:l j:j k:k v:v w:w sh:sh ch:ch th:th+th:dh ng:ng ee:ee oo:oo ar:ar or:or ai:ai ow:ow";

    internal sealed record Made(Rung Rung, Lesson Lesson, LessonBrief Brief, WordStock Stock)
    {
        public IReadOnlyList<LessonItem> In(Activity activity) => [.. Lesson.Blocks.Where(x => x.Activity == activity).SelectMany(x => x.Items)];

        public bool IsOnPoint(LessonItem item) => Stock.Words.FindWord(item.Text) is { } word && new HeldParts(Stock).Holding(Brief.Targets)(word);
    }

    internal static readonly Lazy<IReadOnlyList<Made>> All = new(() => [.. Of(World.Estuary, World.South), .. Of(World.Ridge, World.Us)]);

    internal static IEnumerable<Made> New => All.Value.Where(x => x.Lesson.Kind is LessonKind.NewLearning or LessonKind.Structure);

    private static IEnumerable<Made> Of(Ladder ladder, WordStock stock) => ladder.Rungs.Select((rung, place) =>
    {
        var brief = World.BriefAt(ladder, stock, place, 7);
        return new Made(rung, LessonComposer.Compose(brief), brief, stock);
    });
}

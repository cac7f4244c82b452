using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Reading;

public class MarkingTests
{
    private static readonly MarkingCode Endings = MarkingCode.Rail with { Ending = Mark.Box };

    [Theory]
    [InlineData("cat", "OneLetter OneLetter OneLetter")]
    [InlineData("ship", "SeveralLetters OneLetter OneLetter")]
    [InlineData("cake", "OneLetter Split OneLetter")]
    [InlineData("bell", "OneLetter OneLetter Doubled")]
    [InlineData("jumping", "OneLetter OneLetter OneLetter OneLetter Ending Ending")]
    [InlineData("hopped", "OneLetter OneLetter Doubled Ending")]
    public void Each_part_goes_by_its_kind(string word, string kinds) => Assert.Equal(kinds, Kinds(word, Endings));

    [Fact]
    public void An_ending_without_a_mark_of_its_own_is_marked_by_its_letters() =>
        Assert.Equal("OneLetter OneLetter OneLetter OneLetter OneLetter SeveralLetters", Kinds("jumping", MarkingCode.Rail));

    [Fact]
    public void A_split_digraph_whose_e_is_the_endings_stays_whole() => Assert.Contains("Split", Kinds("baked", Endings), StringComparison.Ordinal);

    [Fact]
    public void A_rime_unit_that_the_ladder_teaches_is_marked_as_one()
    {
        var ladder = World.LadderOf("b:b t:t f:f a:aw ll:l ~a:aw,ll:l");
        var rules = World.Rules(Accent.SouthernBritish, ladder: ladder);
        var word = rules.Rows.Words.Find("ball")!;
        Assert.Equal([MarkedKind.OneLetter, MarkedKind.RimeUnit, MarkedKind.RimeUnit], MarkedPieces.Of(word.Readings[0], null, rules.Rows.Units, MarkingCode.Rail with { RimeUnit = Mark.Box }));
    }

    [Fact]
    public void A_code_is_seen_on_a_word_for_each_kind_and_on_a_longer_one()
    {
        var shown = MarkingExamples.Of(World.South.Rules.Rows, Endings, _ => true);
        Assert.Equal(["OneLetter", "SeveralLetters", "Split", "Doubled", "Ending"], shown.Take(5).Zip(Enum.GetValues<MarkedKind>(), (x, kind) => Kinds(x.Spelling, Endings).Split(' ').First(k => k == kind.ToString())));
        Assert.True(shown[^1].Spelling.Length > 6);
    }

    [Fact]
    public void A_group_that_takes_two_days_a_rung_keeps_the_days_a_rung_says_itself()
    {
        var slow = ClassConventions.Usual with { DaysARung = 2, Largest = WordShape.First };
        var ladder = slow.Paced(World.Estuary, _ => new HashSet<string>());
        Assert.All(ladder.Rungs.Zip(World.Estuary.Rungs), x => Assert.Equal(x.Second.Kind == RungKind.Teach && x.Second.Days == 1 ? 2 : x.Second.Days, x.First.Days));
        Assert.All(ladder.Sections, x => Assert.Equal(WordShape.First, x.Shape));
        Assert.Same(World.Estuary, ClassConventions.Usual.Paced(World.Estuary, _ => new HashSet<string>()));
    }

    private static string Kinds(string word, MarkingCode code)
    {
        var found = World.South.Words.Find(word)!;
        return string.Join(' ', MarkedPieces.Of(found.Readings[0], found.Word.Ended, LadderUnits.None, code));
    }
}

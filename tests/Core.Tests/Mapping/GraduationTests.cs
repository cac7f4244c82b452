using BoldLadder.Core.Mapping;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Tests.Mapping;

public class GraduationTests
{
    [Fact]
    public void A_tricky_word_graduates_where_the_last_of_its_parts_is_taught()
    {
        var ladder = World.LadderOf("!go g:g !she sh:sh e:ee o:oa !no n:n");
        var unlocking = new Unlocking(ladder, World.Rules(Accent.SouthernBritish).Strict);
        Assert.Equal(new Graduation(5, TrickyStanding.Later), Graduation.Of("go", 0, unlocking));
        Assert.Equal(new Graduation(4, TrickyStanding.Later), Graduation.Of("she", 2, unlocking));
    }

    [Fact]
    public void One_that_no_rung_completes_stays_tricky_and_one_already_covered_says_so()
    {
        var ladder = World.LadderOf("m:m e:ee !me !was");
        var unlocking = new Unlocking(ladder, World.Rules(Accent.SouthernBritish).Strict);
        Assert.Equal(new Graduation(1, TrickyStanding.Already), Graduation.Of("me", 2, unlocking));
        Assert.Equal(new Graduation(null, TrickyStanding.StaysTricky), Graduation.Of("was", 3, unlocking));
        Assert.Equal(new Graduation(null, TrickyStanding.StaysTricky), Graduation.Of("nosuchword", 3, unlocking));
    }

    [Fact]
    public void A_weakly_said_vowel_does_not_make_a_tricky_word_an_ordinary_one()
    {
        var ladder = World.LadderOf("!about a:a b:b ou:ow t:t");
        var lenient = World.Rules(Accent.SouthernBritish);
        Assert.Equal(4, Graduation.Of("about", 0, new Unlocking(ladder, lenient)).Place);
        Assert.Equal(TrickyStanding.StaysTricky, Graduation.Of("about", 0, new Unlocking(ladder, lenient.Strict)).Standing);
        Assert.Same(lenient.Strict, lenient.Strict.Strict);
    }
}

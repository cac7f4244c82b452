using BoldLadder.Core.Conventions;

namespace BoldLadder.Server.Phrasing;

/// <summary>What a school calls the things of the job, one of each and several.</summary>
public sealed record TermsView(string TrickyWord, string TrickyWords, string MadeUpWord, string MadeUpWords, string SoundOut)
{
    public static TermsView Of(Terms x) => new(x.TrickyWord, x.TrickyWords, x.MadeUpWord, x.MadeUpWords, x.SoundOut);
}

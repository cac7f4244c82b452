using BoldLadder.Core.Lessons;
using BoldLadder.Server.Phrasing;

namespace BoldLadder.Server.Lessons;

/// <summary>What the adult needs to teach one part.</summary>
/// <param name="Label">The part.</param>
/// <param name="Say">To the children: what the mouth does.</param>
/// <param name="Slip">The slip to expect; empty where none is written.</param>
/// <param name="Mend">What puts the slip right.</param>
/// <param name="Write">The way the pencil goes; empty where there is no new letter.</param>
/// <param name="Place">Where it stands, and what goes against it.</param>
/// <param name="Facts">Counts over the everyday words.</param>
/// <param name="TellApart">How it is told from what it is taken for; empty where nothing taught is.</param>
public sealed record TeachingView(string Label, string Say, string Slip, string Mend, string Write, string Place, string Facts, string TellApart)
{
    public static TeachingView Of(PartTeaching x, Questions questions) => new(
        x.Part.Label, x.Say, x.Slip, x.Mend, x.Write ?? "", x.Place, string.Join(' ', x.Facts.Select(questions.Fact)), x.TellApart ?? "");
}

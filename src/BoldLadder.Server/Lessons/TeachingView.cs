using BoldLadder.Core.Lessons;
using BoldLadder.Core.Sounds;
using BoldLadder.Server.Phrasing;
using BoldLadder.Server.Words;

namespace BoldLadder.Server.Lessons;

/// <summary>What the adult needs to teach one part.</summary>
/// <param name="Label">The part.</param>
/// <param name="Say">To the children: what the mouth does.</param>
/// <param name="Slip">The slip to expect; empty where none is written.</param>
/// <param name="Mend">What puts the slip right.</param>
/// <param name="Write">The way the pencil goes; empty where there is no new letter.</param>
/// <param name="Together">A line to say together, full of the sound; empty when the sound is no news.</param>
/// <param name="Place">Where it stands, and what goes against it.</param>
/// <param name="Facts">Counts over the everyday words.</param>
/// <param name="TellApart">How it is told from what it is taken for; empty where nothing taught is.</param>
public sealed record TeachingView(string Label, string Say, string Slip, string Mend, string Write, string Together, string Place, string Facts, string TellApart)
{
    public static TeachingView Of(PartTeaching x) => new(
        x.Part.Label, x.Say, x.Slip, x.Mend, x.Write ?? "", x.Together, x.Place, x.Places is { } places ? DayPoints.Places(places) : "", x.TellApart ?? "");
}

/// <summary>What the adult needs to teach one tricky word.</summary>
/// <param name="Tricky">The part to remember, and which other words have it.</param>
/// <param name="Fair">The part that is as children expect; empty when there is none.</param>
/// <param name="Spoken">A line to say that gives it its meaning; empty where none is written.</param>
public sealed record TrickyTeachingView(string Word, string Tricky, string Fair, string Spoken)
{
    public static TrickyTeachingView Of(TrickyTeaching x, Accent accent) => new(
        x.Word, x.Tricky.Count == 0 ? "All its parts are taught: it only has to be quick." : string.Join(' ', x.Tricky.Select(p => Said(p, accent))),
        string.Join(", ", x.Fair), x.Spoken);

    private static string Said(TrickyPart x, Accent accent) =>
        $"{x.Part.Grapheme.Text.Replace('_', '–')} says /{PieceView.IpaOf(x.Part.Sound, accent)}/{(x.Kin.Count == 0 ? ", and hardly anywhere else." : $", as in {string.Join(", ", x.Kin)}.")}";
}

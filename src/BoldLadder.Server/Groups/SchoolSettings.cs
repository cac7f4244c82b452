using BoldLadder.Core.Calendar;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Server.Groups;

/// <summary>A school as its row says it is, read and parsed once for each version of the row.</summary>
/// <param name="Conventions">What it does otherwise than what ships.</param>
/// <param name="Needs">What must come before what: the school's own list, or the shipped one.</param>
/// <param name="OwnWords">Its own words in its accent.</param>
/// <param name="WordsRevision">Of which revision those are.</param>
public sealed record SchoolSettings(
    Guid Id, uint Version, string Name, Accent Accent, OwnConventions Conventions, SchoolYear Year, string YearText, Core.Ladders.Needs Needs,
    IReadOnlyList<OwnWord> OwnWords, int Revision, int WordsRevision);

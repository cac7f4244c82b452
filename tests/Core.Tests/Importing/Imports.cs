using BoldLadder.Core.Importing;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Importing;

/// <summary>What sheets are read with, in the south of England.</summary>
internal static class Imports
{
    public static readonly CorrespondenceTable Table = CorrespondenceTable.Parse(World.Text("lexicon/correspondences.tsv"));
    public static readonly SchoolWords Words = new(World.Lexicon, Accent.SouthernBritish);

    private static readonly LadderImport Import = new(Table, Words, new SpellingShares(Words, Table));

    /// <summary>What is made of a sheet.</summary>
    /// <param name="answers">To doubts, by their id; none where nothing was asked.</param>
    public static ImportedLadder Read(Sheet sheet, IReadOnlyDictionary<string, string>? answers = null) =>
        Import.Read([sheet], 0, new Dictionary<int, ColumnRole>(), answers ?? new Dictionary<string, string>());
}

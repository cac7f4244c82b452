namespace BoldLadder.Core.Importing;

/// <summary>One rung as it is written, before sounds are settled.</summary>
internal sealed record WrittenRung(string Section, string Week, DateOnly? Date)
{
    public List<WrittenPart> Parts { get; } = [];

    public List<Source> Sources { get; } = [];

    public List<string> Tricky { get; } = [];

    /// <summary>Example words of the row.</summary>
    public List<string> Words { get; } = [];

    public List<string> Notes { get; } = [];

    /// <summary>A sound that a heading or a column names for the whole row.</summary>
    public string Sound { get; set; } = "";

    /// <summary>The letters of all graphemes in its cell, those that became other rungs too.</summary>
    public IReadOnlyList<string> CellLetters { get; set; } = [];

    /// <summary>The letters of all graphemes in its row, where the row has a column that names one sound for them; else none.</summary>
    public IReadOnlyList<string> SoundLetters { get; set; } = [];

    /// <summary>Other rungs of the row have the same words: each keeps those that show it.</summary>
    public bool SharesWords { get; set; }

    public int Days { get; set; } = 1;

    /// <summary>Its row, or its column, is one day.</summary>
    public bool IsDay { get; set; }
}

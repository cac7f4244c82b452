namespace BoldLadder.Core.Importing;

/// <summary>What a column of a sheet holds.</summary>
public enum ColumnRole
{
    /// <summary>Nothing that a ladder needs.</summary>
    LeftOut,

    /// <summary>What is taught.</summary>
    Parts,

    /// <summary>The sound of what is taught, beside its letters.</summary>
    Sounds,
    TrickyWords,

    /// <summary>Example words or a keyword.</summary>
    Words,
    Endings,
    Clusters,
    RimeUnits,
    Notes,

    /// <summary>A term, half-term or unit: a section.</summary>
    Section,
    Week,

    /// <summary>A day, a number or a lesson's place in the order.</summary>
    Day,
    Date,

    /// <summary>For how many days something is taught.</summary>
    Days,
}

using BoldLadder.Core.Conventions;

namespace BoldLadder.Core.Lessons;

/// <summary>What an item is.</summary>
public enum ItemKind
{
    /// <summary>A grapheme on a card: see it, say it.</summary>
    Card,

    /// <summary>A sound to hear and write.</summary>
    Sound,

    /// <summary>A word to read or spell.</summary>
    Word,

    /// <summary>A tricky word.</summary>
    Tricky,

    /// <summary>A word that is only said.</summary>
    Listening,

    /// <summary>A sentence to read or write.</summary>
    Sentence,

    /// <summary>A made-up word to read.</summary>
    MadeUp,

    /// <summary>Sentences that belong together, with a title.</summary>
    Story,

    /// <summary>A story that is only told.</summary>
    Told,
}

/// <summary>How much help the adult gives with an item.</summary>
public enum Release
{
    None,
    AdultShows,
    Together,
    Alone,
}

/// <summary>One thing in a lesson.</summary>
public sealed record LessonItem
{
    /// <summary>The most letters a person can type into an item.</summary>
    public const int MaxText = 200;

    /// <summary>Unique in its lesson; kept when the item is swapped.</summary>
    public required string Id { get; init; }

    public required ItemKind Kind { get; init; }

    /// <summary>What is shown or said: a grapheme, a sound's key, a word or a sentence.</summary>
    public required string Text { get; init; }

    /// <summary>
    /// For a word its split as written; for a card its correspondence; for a sound its taught
    /// spellings; for a listening word its sounds apart; else empty.
    /// </summary>
    public string Split { get; init; } = "";

    public Release Release { get; init; }

    /// <summary>Known by its title.</summary>
    public bool IsStory => Kind is ItemKind.Story or ItemKind.Told;

    /// <summary>A re-plan keeps a locked item.</summary>
    public bool Locked { get; init; }

    /// <summary>Not readable, and in the lesson as a tricky word because the adult said so: counts here only.</summary>
    public bool Forced { get; init; }

    /// <summary>Why it is here.</summary>
    public IReadOnlyList<Reason> Reasons { get; init; } = [];

    /// <summary>A line that gives the word its meaning, said by the adult.</summary>
    public string Spoken { get; init; } = "";

    /// <summary>The answer that it belongs to: a heading of a sort, the spelling left out, the sound that is heard. For a story, read or told, its title.</summary>
    public string Heading { get; init; } = "";

    /// <summary>Of a story: what is asked when it is read, the first answered in it, the second to talk about.</summary>
    public IReadOnlyList<string> Questions { get; init; } = [];
}

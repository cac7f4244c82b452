using System.Text.Json.Nodes;
using BoldLadder.Core.Conventions;

namespace BoldLadder.Server.Storage;

/// <summary>What a school or a group does otherwise than what stands below it; what is left out stays as it is.</summary>
/// <param name="LessonMinutes">10 to 90.</param>
/// <param name="MadeUpFromSection">The ladder's section, from 1, from which made-up words are used; 0 for never.</param>
/// <param name="ShortA">Whether <i>a</i> as a word is read by its letter.</param>
public sealed record ConventionsDocument(
    WeakVowels? WeakVowels = null, Plurals? Plurals = null, int? LessonMinutes = null, int? MadeUpFromSection = null, bool? ShortA = null,
    SpellAloud? SpellAloud = null, TermsDocument? Terms = null) : IStored
{
    public static int Version => 1;

    public static void Upgrade(JsonObject old, int version)
    {
        // There is no older version.
    }

    /// <summary>A stored document; null is one that says nothing.</summary>
    public static ConventionsDocument Read(string? stored) => stored is null ? new ConventionsDocument() : StoredJson.Read<ConventionsDocument>(stored);

    public OwnConventions ToCore() =>
        new(WeakVowels, Plurals, LessonMinutes, MadeUpFromSection, ShortA, SpellAloud, Terms is null ? null : new Terms(Terms.TrickyWord, Terms.MadeUpWord, Terms.SoundOut));
}

/// <summary>What a school calls the things of the job.</summary>
public sealed record TermsDocument(string TrickyWord, string MadeUpWord, string SoundOut = "sound out")
{
    public static TermsDocument Of(Terms terms) => new(terms.TrickyWord, terms.MadeUpWord, terms.SoundOut);
}

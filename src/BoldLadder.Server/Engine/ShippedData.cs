using System.Security.Cryptography;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Notes;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Server.Engine;

/// <summary>The files that ship with the application, read once by each process.</summary>
public sealed class ShippedData
{
    private readonly HashSet<string> _longForms;
    private readonly Needs _needs;
    private readonly WrittenTexts _written, _american;

    public ShippedData()
    {
        Folder = Path.Combine(AppContext.BaseDirectory, "data");
        Correspondences = CorrespondenceTable.Parse(File.ReadAllText(Path.Combine(Folder, "lexicon", "correspondences.tsv")));

        // The two large lists know nothing of each other, and a start should be quick.
        var realWords = Task.Run(() => RealWords.Parse(
            File.ReadAllText(Path.Combine(Folder, "lexicon", "real-words.txt")), File.ReadAllText(Path.Combine(Folder, "lexicon", "sounds.tsv")),
            File.ReadAllText(Path.Combine(Folder, "lexicon", "unsafe.txt")), File.ReadAllText(Path.Combine(Folder, "lexicon", "name-sounds.txt")), Correspondences));
        Lexicon = Lexicon.Parse(File.ReadAllText(Path.Combine(Folder, "lexicon", "lexicon.tsv")));
        _longForms = [.. File.ReadLines(Path.Combine(Folder, "lexicon", "long-forms.txt"))];
        _written = WrittenTexts.Parse(x => File.ReadAllText(Path.Combine(Folder, x)));
        Notes = TeachingNotes.Parse(Note("sounds"), Note("letters"), Note("points"), Note("alike"));
        _american = _written.In(AmericanForms.Parse(File.ReadAllText(Path.Combine(Folder, "lexicon", "american-forms.tsv"))));
        ShippedNeeds = File.ReadAllText(Path.Combine(Folder, "needs.txt"));
        _needs = Needs.TryParse(ShippedNeeds, out var wrong) ?? throw new FormatException(wrong);
        RealWords = realWords.GetAwaiter().GetResult();
        Gate = new WordGate(Lexicon, RealWords);
        Fingerprint = FingerprintOf(Folder);
    }

    public string Folder { get; }

    public Lexicon Lexicon { get; }

    /// <summary>Names all the files at once: a lesson says with which it was made.</summary>
    public string Fingerprint { get; }

    /// <summary>Through which every word goes that is to reach a class.</summary>
    public WordGate Gate { get; }

    public CorrespondenceTable Correspondences { get; }

    /// <summary>What made-up words are proved against.</summary>
    public RealWords RealWords { get; }

    /// <summary>Whether some letters are a real word, however long.</summary>
    public bool IsRealWord(string word) => RealWords.IsSpelling(word) || _longForms.Contains(word);

    /// <summary>What must come before what on a ladder, as it ships, a line each.</summary>
    public string ShippedNeeds { get; }

    /// <summary>A school's own list of needs, or the shipped one when it has none.</summary>
    public Needs NeedsOf(string? own) => own is not null && Needs.TryParse(own, out _) is { } needs ? needs : _needs;

    /// <summary>A school's own word as it was typed or kept; null with the field and what to do when it can't be taken.</summary>
    public OwnWord? OwnWord(string spelling, string split, string familiarity, string spoken, out (string Field, string Sentence) problem) =>
        Core.Words.OwnWord.TryRead(spelling, split, familiarity, spoken, Lexicon.Find, Gate, out problem);

    /// <summary>What people have written, as the accent's country has it.</summary>
    public WrittenTexts Written(Accent accent) => accent.IsAmerican ? _american : _written;

    /// <summary>How each part is taught.</summary>
    public TeachingNotes Notes { get; }

    private string Note(string file) => File.ReadAllText(Path.Combine(Folder, "notes", $"{file}.tsv"));

    // Files of the demo make schools and no lessons.
    private static string FingerprintOf(string folder)
    {
        using var hash = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
        foreach (var file in Directory.GetFiles(folder).Concat(Directory.GetFiles(Path.Combine(folder, "lexicon"))).Order(StringComparer.Ordinal))
        {
            hash.AppendData(File.ReadAllBytes(file));
        }

        return Convert.ToHexStringLower(hash.GetHashAndReset())[..16];
    }
}

using System.Security.Cryptography;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Server.Words;

/// <summary>The files that ship with the application, read once by each process.</summary>
public sealed class Library
{
    private readonly Needs _needs;
    private readonly SentenceBank _sentences, _americanSentences;
    private readonly SpokenSentences _spoken, _americanSpoken;

    public Library()
    {
        Folder = Path.Combine(AppContext.BaseDirectory, "data");
        Correspondences = CorrespondenceTable.Parse(File.ReadAllText(Path.Combine(Folder, "lexicon", "correspondences.tsv")));

        // The two large lists know nothing of each other, and a start should be quick.
        var realWords = Task.Run(() => RealWords.Parse(
            File.ReadAllText(Path.Combine(Folder, "lexicon", "real-words.txt")), File.ReadAllText(Path.Combine(Folder, "lexicon", "sounds.tsv")),
            File.ReadAllText(Path.Combine(Folder, "lexicon", "unsafe.txt")), File.ReadAllText(Path.Combine(Folder, "lexicon", "name-sounds.txt")), Correspondences));
        var lexicon = File.ReadAllBytes(Path.Combine(Folder, "lexicon", "lexicon.tsv"));
        Lexicon = Lexicon.Parse(System.Text.Encoding.UTF8.GetString(lexicon));
        LexiconHash = Convert.ToHexStringLower(SHA256.HashData(lexicon))[..16];
        _sentences = SentenceBank.Parse(File.ReadAllText(Path.Combine(Folder, "sentences.txt")));
        _spoken = SpokenSentences.Parse(File.ReadAllText(Path.Combine(Folder, "spoken.tsv")));
        var forms = AmericanForms.Parse(File.ReadAllText(Path.Combine(Folder, "lexicon", "american-forms.tsv")));
        (_americanSentences, _americanSpoken) = (_sentences.In(forms), _spoken.In(forms));
        ShippedNeeds = File.ReadAllText(Path.Combine(Folder, "needs.txt"));
        _needs = Needs.TryParse(ShippedNeeds, out var wrong) ?? throw new FormatException(wrong);
        RealWords = realWords.GetAwaiter().GetResult();
    }

    public string Folder { get; }

    public Lexicon Lexicon { get; }

    /// <summary>Names the lexicon that a lesson was made with.</summary>
    public string LexiconHash { get; }

    public CorrespondenceTable Correspondences { get; }

    /// <summary>What made-up words are proved against.</summary>
    public RealWords RealWords { get; }

    /// <summary>What must come before what on a ladder, as it ships, a line each.</summary>
    public string ShippedNeeds { get; }

    /// <summary>A school's own list of needs, or the shipped one when it has none.</summary>
    public Needs NeedsOf(string? own) => own is not null && Needs.TryParse(own, out _) is { } needs ? needs : _needs;

    /// <summary>A school's own word as it was typed or kept; null with the field and what to do when it can't be taken.</summary>
    public OwnWord? OwnWord(string spelling, string split, string familiarity, string spoken, out (string Field, string Sentence) problem) =>
        Core.Words.OwnWord.TryRead(spelling, split, familiarity, spoken, Lexicon.Find, RealWords.IsNeverShown, out problem);

    /// <summary>The sentences that ship, as the accent's country has them.</summary>
    public SentenceBank Sentences(Accent accent) => accent.IsAmerican ? _americanSentences : _sentences;

    /// <summary>What is said of words, as the accent's country has it.</summary>
    public SpokenSentences Spoken(Accent accent) => accent.IsAmerican ? _americanSpoken : _spoken;
}

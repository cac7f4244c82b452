using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Ladders;

/// <summary>The kinds of things that a rung can add to what is taught, tricky words aside.</summary>
public enum TeachableKind
{
    Correspondence,

    /// <summary>From <see cref="Endings.All"/>; what teaches <c>-s</c> teaches <c>-es</c>.</summary>
    Ending,

    /// <summary>A <see cref="TaughtStructure"/>.</summary>
    Structure,

    /// <summary>What words end in, taught as one: a vowel with what follows it (<i>all</i>, <i>ight</i>), or more than that (<i>tion</i>, <i>ful</i>).</summary>
    RimeUnit,

    /// <summary>Consonants taught as one (<i>st</i>, <i>str</i>).</summary>
    Cluster,

    /// <summary>A capital letter. It gates sentences, not words, and only in a ladder that has a rung for it.</summary>
    Capital,

    /// <summary>A <see cref="PunctuationMark"/>; it gates as a capital does.</summary>
    Mark,
}

/// <summary>
/// One thing to teach: a kind and a key. What a rung adds, what a log says was taught and what a taught set holds are
/// lists of these. Two that teach the same are equal.
/// </summary>
public sealed class Teachable : IEquatable<Teachable>
{
    private Teachable(TeachableKind kind, string key) => (Kind, Key) = (kind, key);

    public TeachableKind Kind { get; }

    /// <summary><c>ea:ee</c>, <c>ing</c>, <c>pairAtEnd</c>, <c>a:aw ll:l</c>, <c>s:s t:t</c>, <c>B</c> or <c>comma</c>.</summary>
    public string Key { get; }

    /// <summary>The correspondence, when it is one.</summary>
    public Correspondence? Correspondence { get; private init; }

    /// <summary>The structure, when it is one.</summary>
    public TaughtStructure? Structure { get; private init; }

    /// <summary>The rime unit or cluster, when it is one.</summary>
    public GraphemeRun? Run { get; private init; }

    /// <summary>The mark of punctuation, when it is one.</summary>
    public PunctuationMark? Mark { get; private init; }

    /// <summary>True for what belongs to the page and not to a word: a capital or a mark opens no word.</summary>
    public bool IsPrint => Kind is TeachableKind.Capital or TeachableKind.Mark;

    /// <summary>The ending without its hyphen, when it is one.</summary>
    public string? Ending => Kind == TeachableKind.Ending ? Key : null;

    /// <summary>For a list or a button: <c>ch</c>, <c>-ing</c>, <c>all</c>, <c>-tion</c>, <c>B</c>, or a structure or a mark in words.</summary>
    public string Label => Kind switch
    {
        // Teachers write nk for the n that is said so before k.
        TeachableKind.Correspondence => Correspondence!.Value.IsOfNk ? "nk" : Correspondence!.Value.Grapheme.Text,
        TeachableKind.Ending => "-" + Key,
        TeachableKind.Structure => Rung.Describe(Structure!.Value),
        TeachableKind.Capital => Key,
        TeachableKind.Mark => Mark!.Name,
        TeachableKind.RimeUnit when !Run!.IsRime => "-" + Run.Letters,
        _ => Run!.Letters,
    };

    /// <summary>
    /// Kind and key in one, for files: <c>ea:ee</c>, <c>-ing</c>, <c>#pairAtEnd</c>, <c>~a:aw ll:l</c>, <c>&amp;s:s t:t</c>,
    /// <c>^B</c> or <c>^comma</c>.
    /// </summary>
    public string Code => Kind switch
    {
        TeachableKind.Correspondence => Key,
        TeachableKind.Ending => "-" + Key,
        TeachableKind.Structure => "#" + Key,
        TeachableKind.RimeUnit => "~" + Key,
        TeachableKind.Cluster => "&" + Key,
        _ => "^" + Key,
    };

    public static Teachable Of(Correspondence correspondence) =>
        new(TeachableKind.Correspondence, correspondence.Key) { Correspondence = correspondence };

    /// <param name="ending">From <see cref="Endings.All"/>.</param>
    public static Teachable OfEnding(string ending) => new(TeachableKind.Ending, Endings.AsTaught(ending));

    public static Teachable Of(TaughtStructure structure) => new(TeachableKind.Structure, KeyOf(structure)) { Structure = structure };

    public static Teachable OfRimeUnit(GraphemeRun run) => new(TeachableKind.RimeUnit, run.Key) { Run = run };

    public static Teachable OfCluster(GraphemeRun run) => new(TeachableKind.Cluster, run.Key) { Run = run };

    /// <param name="letter">A capital of the alphabet.</param>
    public static Teachable OfCapital(char letter) => new(TeachableKind.Capital, letter.ToString());

    public static Teachable Of(PunctuationMark mark) => new(TeachableKind.Mark, mark.Key) { Mark = mark };

    /// <summary>What a character of a sentence is as something to teach; null for what needs no teaching here.</summary>
    public static Teachable? OfPrint(char character) => char.IsAsciiLetterUpper(character) ? OfCapital(character)
        : PunctuationMark.Of(character) is { } mark ? Of(mark) : null;

    /// <summary>Reads a <see cref="Code"/>; on failure <paramref name="reason"/> is a sentence for the person who wrote it.</summary>
    public static bool TryReadCode(string code, out Teachable thing, out string reason)
    {
        var (kind, key) = code.Length == 0 ? (TeachableKind.Correspondence, "") : code[0] switch
        {
            '-' => (TeachableKind.Ending, code[1..]),
            '#' => (TeachableKind.Structure, code[1..]),
            '~' => (TeachableKind.RimeUnit, code[1..]),
            '&' => (TeachableKind.Cluster, code[1..]),
            '^' => (code.Length == 2 ? TeachableKind.Capital : TeachableKind.Mark, code[1..]),
            _ => (TeachableKind.Correspondence, code),
        };
        return TryRead(kind, key, out thing, out reason);
    }

    /// <summary>The key of a structure in data and the API: <c>pairAtEnd</c>.</summary>
    public static string KeyOf(TaughtStructure structure) => structure.ToString() is var name ? char.ToLowerInvariant(name[0]) + name[1..] : "";

    /// <summary>Reads a kind and a key; on failure <paramref name="reason"/> is a sentence for the person who typed it.</summary>
    public static bool TryRead(TeachableKind kind, string? key, out Teachable thing, out string reason)
    {
        (thing, reason) = (null!, "");
        switch (kind)
        {
            case TeachableKind.Correspondence when Sounds.Correspondence.TryParse(key, out var correspondence, out reason):
                thing = Of(correspondence);
                break;
            case TeachableKind.Ending when key is not null && Endings.All.Contains(key):
                thing = OfEnding(key);
                break;
            case TeachableKind.Ending:
                reason = $"the endings known are {string.Join(", ", Endings.All.Select(x => "-" + x))}";
                break;
            case TeachableKind.Structure when Enum.GetValues<TaughtStructure>().Where(x => KeyOf(x) == key).ToList() is [var structure]:
                thing = Of(structure);
                break;
            case TeachableKind.Structure:
                reason = $"the structures known are {string.Join(", ", Enum.GetValues<TaughtStructure>().Select(KeyOf))}";
                break;
            case TeachableKind.RimeUnit when GraphemeRun.TryParse(key, out var rime, out reason):
                reason = rime.Beats > 0 ? "" : "what words end in has a vowel, such as a:aw ll:l or ti:sh o:schwa n:n";
                thing = reason.Length == 0 ? OfRimeUnit(rime) : null!;
                break;
            case TeachableKind.Cluster when GraphemeRun.TryParse(key, out var cluster, out reason):
                reason = cluster.Parts.Any(x => x.Sound.IsVowel) ? "a cluster is consonants only, such as s:s t:t" : "";
                thing = reason.Length == 0 ? OfCluster(cluster) : null!;
                break;
            case TeachableKind.Capital when key is [var letter] && char.IsAsciiLetterUpper(letter):
                thing = OfCapital(letter);
                break;
            case TeachableKind.Capital:
                reason = "a capital is one of the letters A to Z";
                break;
            case TeachableKind.Mark when PunctuationMark.All.FirstOrDefault(x => x.Key == key) is { } mark:
                thing = Of(mark);
                break;
            case TeachableKind.Mark:
                reason = $"the marks known are {string.Join(", ", PunctuationMark.All.Select(x => x.Key))}";
                break;
            default:
                reason = reason.Length > 0 ? reason : "that kind of thing can't be taught";
                break;
        }

        return thing is not null;
    }

    public bool Equals(Teachable? other) => other is not null && other.Kind == Kind && other.Key == Key;

    public override bool Equals(object? obj) => Equals(obj as Teachable);

    public override int GetHashCode() => HashCode.Combine(Kind, Key);

    public override string ToString() => $"{Kind} {Key}";
}

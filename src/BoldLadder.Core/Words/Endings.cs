using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Words;

/// <summary>How an ending is joined to its base word.</summary>
public enum Join
{
    Plain,
    DoubleConsonant,
    DropE,
    YToI,
}

/// <summary>A word as a base word and an ending: <i>making</i> is <i>make</i>, <c>-ing</c>, drop e.</summary>
public readonly record struct EndedWord(string Base, string Ending, Join Join)
{
    /// <summary>The ending as it is taught; see <see cref="Endings.AsTaught"/>.</summary>
    public string Taught => Endings.AsTaught(Ending);

    /// <summary>The written form, such as <c>make+ing/drop-e</c>.</summary>
    public override string ToString() => $"{Base}+{Ending}/{Joins.Key(Join)}";
}

/// <summary>Keys of joins in data and the API.</summary>
public static class Joins
{
    public static string Key(Join join) => join switch
    {
        Join.DoubleConsonant => "double-consonant",
        Join.DropE => "drop-e",
        Join.YToI => "y-to-i",
        _ => "plain",
    };

    public static Join Parse(string key) => key switch
    {
        "double-consonant" => Join.DoubleConsonant,
        "drop-e" => Join.DropE,
        "y-to-i" => Join.YToI,
        _ => Join.Plain,
    };
}

/// <summary>
/// Endings of English words: which base a spelling may come from, and how the ended word sounds.
/// The sound of <c>-s</c> and <c>-ed</c> follows from the last sound of the base.
/// </summary>
public static class Endings
{
    /// <summary>The endings that are known, longest first where one ends in another.</summary>
    public static IReadOnlyList<string> All { get; } = ["es", "s", "ed", "ing", "est", "er", "ly", "y"];

    /// <summary>The ending as it is taught: <c>-es</c> is the spelling of <c>-s</c> after a hiss, and comes with it.</summary>
    public static string AsTaught(string ending) => ending is "es" ? "s" : ending;

    private static readonly Dictionary<string, string> Plain = new()
    {
        ["ing"] = "i:i ng:ng", ["est"] = "e:e s:s t:t", ["er"] = "er:schwa", ["ly"] = "l:l y:ee", ["y"] = "y:ee",
    };

    /// <summary>The bases a word's spelling allows, whether or not they are words.</summary>
    public static IEnumerable<EndedWord> Candidates(string word)
    {
        foreach (var ending in All)
        {
            if (!word.EndsWith(ending, StringComparison.Ordinal) || word.Length - ending.Length < 2
                || word.EndsWith("ss", StringComparison.Ordinal))
            {
                continue;
            }

            var stem = word[..^ending.Length];
            if (ending == "s")
            {
                yield return new EndedWord(stem, ending, Join.Plain);
                continue;
            }

            if (!stem.EndsWith('e') || ending is "ly" or "ing")
            {
                yield return new EndedWord(stem, ending, Join.Plain);
            }

            if (stem.Length > 3 && stem[^1] == stem[^2] && ending is not ("ly" or "es"))
            {
                yield return new EndedWord(stem[..^1], ending, Join.DoubleConsonant);
            }

            if (ending is not "ly")
            {
                yield return new EndedWord(stem + "e", ending, Join.DropE);
            }

            if (stem.EndsWith('i') && ending is not "ing")
            {
                yield return new EndedWord(stem[..^1] + "y", ending, Join.YToI);
            }
        }
    }

    /// <summary>
    /// The split of the ended word, made from its base's; null when the base can't take the ending so.
    /// </summary>
    public static Segmentation? Inflect(Segmentation stem, EndedWord ended, string word)
    {
        var parts = stem.Segments.Select(x => (x.Correspondence, x.DroppedE)).ToList();
        var last = parts[^1].Correspondence;
        var lastPhoneme = last.Sound.Second ?? last.Sound.First;
        switch (ended.Join)
        {
            case Join.DoubleConsonant:
                if (!Replace(parts, parts.Count - 1, $"{last.Grapheme.Text}{last.Grapheme.Text}:{last.Sound.Key}"))
                {
                    return null;
                }

                break;
            case Join.DropE when ended.Ending == "es" && !IsHiss(lastPhoneme):
                return null;
            case Join.DropE when ended.Ending == "ed" && last is { Sound.IsVowel: true, Grapheme.Text: [_, .., 'e'] } && !last.Grapheme.IsSplit:
                // The e belongs to the vowel's own spelling: agree-d, scare-d.
                parts.Add((Correspondence.Parse("d:d"), false));
                return Build(word, parts);
            case Join.DropE:
                var split = parts.FindLastIndex(x => x.Correspondence.Grapheme.IsSplit);
                if (last.Grapheme.Text is [.. var kept, 'e'] && kept.Length > 0 && last.Grapheme.Text != "le")
                {
                    if (!Replace(parts, parts.Count - 1, $"{kept}:{last.Sound.Key}"))
                    {
                        return null;
                    }
                }
                else if (split >= parts.Count - 3 && split >= 0)
                {
                    parts[split] = (parts[split].Correspondence, true);
                }
                else
                {
                    return null;
                }

                break;
            case Join.YToI:
                if (last.Grapheme.Text != "y")
                {
                    return null;
                }

                var joined = ended.Ending is "es" or "ed";
                if (!Replace(parts, parts.Count - 1, $"{(joined ? "ie" : "i")}:{last.Sound.Key}"))
                {
                    return null;
                }

                if (joined)
                {
                    parts.Add((Correspondence.Parse(ended.Ending == "es" ? "s:z" : "d:d"), false));
                    return Build(word, parts);
                }

                break;
            default:
                break;
        }

        foreach (var key in Sounded(ended.Ending, lastPhoneme).Split(' '))
        {
            parts.Add((Correspondence.Parse(key), false));
        }

        return Build(word, parts);
    }

    /// <summary>The parts of an ending whose sound does not follow from its base, such as <c>i:i ng:ng</c>.</summary>
    public static string Of(string ending) => Plain[ending];

    /// <summary>The s of a possessive after a reading: it follows the last sound as the s of a plural does.</summary>
    public static Correspondence Possessive(Segmentation owner) =>
        Correspondence.Parse(owner.Segments[^1].Correspondence.Sound is var last && (last.Second ?? last.First).Voiced ? "s:z" : IsHiss(last.Second ?? last.First) ? "s:z" : "s:s");

    // Source: the regular voicing rule of English; a hiss takes a vowel, a voiceless sound a voiceless ending.
    private static string Sounded(string ending, Phoneme last) => ending switch
    {
        "s" => last.Voiced ? "s:z" : "s:s",
        "es" => IsHiss(last) ? "e:i s:z" : "es:z",
        "ed" => last.Key is "t" or "d" ? "e:i d:d" : last.Voiced ? "ed:d" : "ed:t",
        _ => Plain[ending],
    };

    private static bool IsHiss(Phoneme last) => last.Key is "s" or "z" or "sh" or "zh" or "ch" or "j";

    private static bool Replace(List<(Correspondence Correspondence, bool DroppedE)> parts, int at, string key)
    {
        if (!Correspondence.TryParse(key, out var made, out _))
        {
            return false;
        }

        parts[at] = (made, parts[at].DroppedE);
        return true;
    }

    private static Segmentation? Build(string word, List<(Correspondence, bool)> parts) =>
        Segmentation.TryBuild(word, parts, out var made, out _) ? made : null;
}

using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>What some written letters were taken to say.</summary>
/// <param name="Settled">The correspondences meant; empty when that has to be asked.</param>
/// <param name="Choices">What it may be, likeliest first, each a set of correspondences taught together; empty when it is settled.</param>
/// <param name="Again">It was taught before: it is gone over.</param>
/// <param name="Against">A word beside it that does not show it.</param>
public sealed record ChosenSound(
    IReadOnlyList<Correspondence> Settled, IReadOnlyList<IReadOnlyList<Correspondence>> Choices, bool Again = false, string Against = "");

/// <summary>
/// Settles the sound of written letters: by the sound named beside them, by their keyword, by the example words of the
/// row, by what was taught before; and where none of these tells, says between what to ask. It never guesses.
/// </summary>
public sealed class SoundChoice(SchoolWords words, SpellingShares shares)
{
    /// <summary>The share of a grapheme's everyday words from which its commonest sound is what anybody would mean.</summary>
    private const double Clear = 0.85, Plain = 0.7;

    private const double Seldom = 0.04;

    private const int MostChoices = 3, Hardly = 50;

    /// <summary>
    /// What is meant when the letters stand alone and are met for the first time. Every teacher of beginners means these;
    /// counts of words would ask.
    /// </summary>
    private static readonly HashSet<string> FirstMet =
    [
        "a:a", "b:b", "c:k", "d:d", "e:e", "f:f", "g:g", "h:h", "i:i", "j:j", "k:k", "l:l", "m:m", "n:n", "o:o", "p:p", "qu:k+w", "r:r", "s:s", "t:t", "u:u", "v:v", "w:w", "x:k+s", "y:y", "z:z",
        "ea:ee", "ou:ow", "au:aw", "or:or", "ar:ar", "ear:ear", "ey:ee", "ur:ur", "ir:ur", "ch:ch", "wh:wh", "gn:n", "oe:oa", "zz:z", "ss:s", "ce:s", "ge:j", "ai:ai", "ure:y+ure", "ie:igh", "are:air",
        "eigh:ai", "oor:or", "ore:or", "our:or", "a_e:ai", "e_e:ee", "i_e:igh", "o_e:oa", "dge:j", "tch:ch", "le:schwa+l", "el:schwa+l", "il:schwa+l", "eer:ear", "air:air", "aw:aw", "ui:oo", "sc:s", "gh:g", "ti:sh", "ci:sh", "st:s", "eir:air",
    ];

    /// <summary>Letters that say a weak vowel with l where they are said to end a word (metal), whatever else they say (walk).</summary>
    private static readonly HashSet<string> WeakAtEnd = ["al", "el", "il", "ol"];

    /// <summary>
    /// Spellings whose second meaning is as plain once the first is taught, each with the share that its commonest sound
    /// must have of those left; for the others the next one is anybody's guess.
    /// </summary>
    private static readonly Dictionary<string, double> SecondMet = new()
    {
        ["c"] = Clear, ["g"] = Clear, ["ea"] = Clear, ["ow"] = Clear, ["oo"] = Clear, ["th"] = Clear, ["ie"] = Clear, ["i"] = 0.6, ["e"] = 0.6, ["o"] = 0.6,
    };

    /// <summary>Sounds that one spelling has so evenly that many schools teach both at once: offered first.</summary>
    private static readonly (string Grapheme, string[] Sounds)[] Pairs =
    [
        ("th", ["th", "dh"]), ("oo", ["oo", "uu"]), ("er", ["ur", "schwa"]), ("ew", ["y+oo", "oo"]), ("ue", ["oo", "y+oo"]), ("u_e", ["y+oo", "oo"]), ("se", ["s", "z"]), ("u", ["y+oo", "oo"]),
    ];

    /// <summary>The one sound that letters have where they stand alone; null for those of several, or of several meanings: that of ir and ur, beside er.</summary>
    public Sound? SharedBy(IReadOnlyList<string> letters)
    {
        var meant = letters.Select(x => Of(WrittenPart.Plain(WrittenKind.Grapheme, x), [], new HashSet<Correspondence>()).Settled).ToList();
        return meant is [[var first], ..] && meant.TrueForAll(x => x is [var one] && shares.SameHere(one.Sound, first.Sound)) ? first.Sound : null;
    }

    /// <summary>Settles a written grapheme.</summary>
    /// <param name="rowWords">Example words of the same row, in small letters.</param>
    /// <param name="taught">What stands before it on the ladder.</param>
    public ChosenSound Of(WrittenPart part, IReadOnlyList<string> rowWords, IReadOnlySet<Correspondence> taught)
    {
        var all = Candidates(part.Letters);
        if (all.Count == 0)
        {
            return new ChosenSound([], []);
        }

        var before = all.Where(x => taught.Any(t => t.Grapheme == x.Correspondence.Grapheme && shares.SameHere(t.Sound, x.Correspondence.Sound))).ToList();
        var named = part.Sounds.Where(x => !Repeats(x, part.Letters)).SelectMany(x => Meant(x, part.Letters, all)).Distinct().ToList();
        if (named.Count > 0)
        {
            // Words that show another sound than the one named: where the named one hardly exists it was meant roughly.
            if (ByRow(part, [.. part.Words, .. rowWords], all) is [var seen] && !named.Contains(seen) && !named.Any(x => shares.SameHere(x.Sound, seen.Sound)))
            {
                return named.All(x => all.All(a => a.Correspondence != x || a.Words * 20 < all[0].Words)) ? Done([seen], taught) : Ask(all, part, new HashSet<Correspondence>(), [seen, .. named]);
            }

            // "/l/ spelt le" is the le of apple: the sound named is part of the one that the letters have.
            if (named is [{ Sound: { Second: null } sound }] && all[0].Correspondence.Sound is { Second: { } second } whole && second == sound.First && all.All(a => a.Correspondence != named[0] || a.Words * 20 < all[0].Words))
            {
                return Done([all[0].Correspondence], taught);
            }

            return Done(named.Count > 1 && !part.Both ? Narrowed(named, part, rowWords) : named, taught);
        }

        var shown = part.Words.Select(x => ShownBy(x, part)).ToList();
        if (shown.Any(x => x.Count > 0))
        {
            var meant = shown.SelectMany(x => x).Distinct().ToList();
            return shown.All(x => x.Count <= 1) ? Done(meant, taught) : Ask(all, part, taught, [.. meant]);
        }

        if (part.Words.Any(x => words.FindWord(x) is not null))
        {
            // Its word shows something else: one of the two is a slip, whatever was taught.
            return Ask(all, part, new HashSet<Correspondence>(), []) with { Against = part.Words[0] };
        }

        if (part.Both)
        {
            return Done([.. (PairOf(part.Letters, all) ?? [.. all.Take(2)]).Select(x => x.Correspondence)], taught);
        }

        if (ByRow(part, rowWords, all) is { } row)
        {
            // Excited elephant beside e: one of them shows what a letter says first.
            if (part.Letters.Length == 1 && before.Count == 0 && !row.Exists(x => FirstMet.Contains(x.Key)) && rowWords.SelectMany(x => ShownBy(x, part)).Where(x => FirstMet.Contains(x.Key)).ToList() is [var usual, ..])
            {
                return Done([usual], taught);
            }

            // Of beside f: hardly any word has it so.
            if (part.Letters.Length == 1 && before.Count == 0 && row is [var odd] && all.First(x => x.Correspondence == odd).Words * Hardly < all[0].Words && FirstMet.Contains(all[0].Correspondence.Key) && rowWords.Count(x => ShownBy(x, part).Count > 0) == 1)
            {
                return Done([all[0].Correspondence], taught);
            }

            // Hen, he and pet beside e: most show what a letter says first.
            return row.Count == 1 || before.Count > 0 ? Done(row, taught)
                : part.Letters.Length == 1 && FirstMet.Contains(row[0].Key) ? Done([row[0]], taught) : Ask(all, part, taught, row);
        }

        if ((part.Place == WrittenPlace.Last || (rowWords.Count > 1 && rowWords.All(x => x.Length > part.Letters.Length + 1 && x.EndsWith(part.Letters, StringComparison.Ordinal)))) && WeakAtEnd.Contains(part.Letters) && shares.Of(part.Letters).FirstOrDefault(x => x.Correspondence.Sound.Key == "schwa+l") is { } weak)
        {
            return Done([weak.Correspondence], taught);
        }

        var left = all.Except(before).Where(x => part.Place != WrittenPlace.First || x.Correspondence.Sound.Key != "schwa").ToList();
        // A vowel that comes again while letters are new is gone over: what else it says comes when vowels of two letters have come.
        var early = part.Letters is [var letter] && TokenReader.IsVowel(letter) && !taught.Any(x => x.Grapheme.Text.Length > 1 && x.Sound.IsVowel);
        if (left.Count == 0 || (before.Count > 0 && (early || left.Sum(x => x.Words) * 12 < before.Sum(x => x.Words))))
        {
            return new ChosenSound([before[0].Correspondence], [], Again: true);
        }

        if (before.Count == 0 && left.FirstOrDefault(x => FirstMet.Contains(x.Correspondence.Key)) is { } first && (part.Place == WrittenPlace.Anywhere || part.Letters.Length > 1))
        {
            return Done([first.Correspondence], taught);
        }

        var pair = PairOf(part.Letters, left) is not null;
        return left[0].Words >= Clear * left.Sum(x => x.Words) && !pair && before.Count == 0 ? Done([left[0].Correspondence], taught)
            : before.Count > 0 && left[0].Words >= SecondMet.GetValueOrDefault(part.Letters, 2) * left.Sum(x => x.Words) ? Done([left[0].Correspondence], taught)
            : Ask(all, part, taught, []);
    }

    /// <summary>The correspondences of a cluster, one a letter; null when the letters are none.</summary>
    internal static IReadOnlyList<Correspondence>? ClusterOf(string letters, CorrespondenceTable table)
    {
        var parts = new List<Correspondence>();
        for (var i = 0; i < letters.Length; i++)
        {
            // Letters that make one sound stay together: shr, thr, and the k of sk before nothing.
            var two = i + 1 < letters.Length && letters.Substring(i, 2) is "sh" or "th" or "ch" or "qu" or "ck" or "ph";
            var entries = table.For(two ? letters.Substring(i, 2) : letters.Substring(i, 1));
            if (entries.Count == 0)
            {
                return null;
            }

            parts.Add(entries[0].Correspondence);
            i += two ? 1 : 0;
        }

        return parts.Count >= 2 ? parts : null;
    }

    /// <summary>
    /// The correspondences of what words end in, as everyday words that end so have them; more than one when words differ.
    /// </summary>
    /// <param name="weak">For an end of longer words (<i>tion</i>), which is said weakly; a rime begins with its vowel, said in full.</param>
    public IReadOnlyList<IReadOnlyList<Correspondence>> RunsOf(string letters, IReadOnlyList<string> beside, bool weak)
    {
        var named = beside.Where(x => x.EndsWith(letters, StringComparison.Ordinal)).ToList();
        var from = named.Count > 0 ? named.Select(words.FindWord).OfType<LexiconWord>()
            : words.Words.Where(x => x.Everyday && x.Key.Length > letters.Length && x.Ended is null && x.Key.EndsWith(letters, StringComparison.Ordinal));
        var found = new Dictionary<string, (int Count, IReadOnlyList<Correspondence> Parts)>();
        foreach (var word in from)
        {
            // Said by itself, with its vowel in full (can).
            var reading = weak ? words.Of(word).Readings[0] : words.Of(word).Readings.FirstOrDefault(x => x.Segments.All(s => s.Correspondence.Sound.Key != "schwa")) ?? words.Of(word).Readings[0];
            var tail = reading.Segments.Where(x => x.Start >= word.Key.Length - letters.Length).Select(x => x.Correspondence).ToList();
            if (tail.Count > 1 && tail.Sum(x => x.Grapheme.Text.Length) == letters.Length && (weak || tail[0].Sound.IsVowel) && tail.All(x => !x.Grapheme.IsSplit))
            {
                var key = string.Join(' ', tail);
                found[key] = (found.GetValueOrDefault(key).Count + 1, tail);
            }
        }

        // An end of longer words is said lightly: -able is not that of table.
        bool IsLight(IReadOnlyList<Correspondence> parts) => parts.Any(x => x.Sound.IsVowel) && parts.First(x => x.Sound.IsVowel).Sound.Key == "schwa";
        var all = found.Values.Where(x => weak ? IsLight(x.Parts) || !found.Values.Any(y => IsLight(y.Parts)) : x.Parts[0].Sound.Key != "schwa").OrderByDescending(x => x.Count).ToList();
        // Of what letters say first fewer words are enough: -at is that of cat, though what and squat end so too.
        return all.Count == 0 ? [] : all[0].Count >= (IsMetFirst(all[0].Parts[0]) ? Plain : Clear) * all.Sum(x => x.Count) ? [all[0].Parts] : [.. all.Take(MostChoices).Select(x => x.Parts)];
    }

    /// <summary>The letters by which a word spells the sound that others spell first; null where it has none, or several.</summary>
    public string? SpeltIn(string word, string letters) => shares.Of(letters) is [var first, ..] && words.FindWord(word) is { } found
        && words.Of(found).Readings[0].Segments.Where(x => shares.SameHere(x.Correspondence.Sound, first.Correspondence.Sound)).Select(x => x.Correspondence.Grapheme.Text).Distinct().ToList() is [var spelt] ? spelt : null;

    private List<SpellingShare> Candidates(string letters)
    {
        var all = shares.Of(letters);
        var strong = all.Where(x => x.Words > 0 && (x.Correspondence.Sound.Key is not "schwa" || letters is "er" or "or" or "ar" or "our" or "ure") && !(letters == "e" && x.Correspondence.Sound.Key == "i")).ToList();
        return strong.Count > 0 ? strong : [.. all];
    }

    private List<Correspondence> Meant(string name, string letters, List<SpellingShare> all)
    {
        var sounds = SoundNames.Find(name, letters).ToList();
        var known = shares.Of(letters);
        var found = sounds.SelectMany(s => all.Concat(known).Where(x => x.Correspondence.Sound == s || shares.SameHere(x.Correspondence.Sound, s)).Take(1)).Select(x => x.Correspondence).Distinct().ToList();
        return found.Count > 1 && name.Contains("long", StringComparison.Ordinal) ? found : [.. found.Take(name.Contains(' ', StringComparison.Ordinal) ? 2 : sounds.Count > 1 && PairOf(letters, all) is not null ? 2 : 1)];
    }

    // "oo /oo/" says nothing that the letters do not.
    private static bool Repeats(string name, string letters) => string.Equals(name.Trim('/', ' '), letters, StringComparison.OrdinalIgnoreCase)
        && letters is "oo" or "ow" or "th" or "er" or "ew" or "ue" or "ea" or "ie" or "y" or "s" or "ou";

    private List<Correspondence> Narrowed(List<Correspondence> named, WrittenPart part, IReadOnlyList<string> rowWords)
    {
        var shown = part.Words.Concat(rowWords).SelectMany(x => ShownBy(x, part)).Where(named.Contains).Distinct().ToList();
        return shown.Count > 0 ? shown : named;
    }

    private List<Correspondence> ShownBy(string word, WrittenPart part)
    {
        if (words.Find(word) is not { } found)
        {
            return [];
        }

        var readings = found.Readings.Select(r => r.Segments.Where(x => x.Correspondence.Grapheme.Text == part.Letters).ToList()).ToList();
        var first = readings.FirstOrDefault(x => x.Count > 0) ?? [];
        var kept = part.Place == WrittenPlace.Last ? first.TakeLast(1) : part.Place == WrittenPlace.First ? first.Take(1) : first;
        var strong = kept.Select(x => x.Correspondence).Distinct().ToList();

        if (strong.Count == 0 && part.Letters is ['c' or 'g' or 's' or 'v' or 'z', 'e'] && word.EndsWith(part.Letters, StringComparison.Ordinal))
        {
            // ge (age): its e is that of a_e, and it ends in ge all the same.
            var said = found.Readings[0].Segments.Where(x => x.Correspondence.Grapheme.Text == part.Letters[..1]).Select(x => x.Correspondence.Sound).TakeLast(1).ToList();
            return [.. Candidates(part.Letters).Select(x => x.Correspondence).Where(x => said.Contains(x.Sound))];
        }

        // A letter met twice in its keyword (the a of banana) is shown by the one that is said in full.
        return strong.Count > 1 && strong.Any(x => x.Sound.Key != "schwa") ? [.. strong.Where(x => x.Sound.Key != "schwa")] : strong;
    }

    // Lead shows neither sound of ea: it is said both ways.
    private bool IsSaidTwoWays(string word, string letters) => words.Find(word) is { Readings: { Count: > 1 } readings }
        && readings.Select(r => string.Join(' ', r.Segments.Where(x => x.Correspondence.Grapheme.Text == letters).Select(x => x.Correspondence.Key))).Distinct().Count() > 1;

    private List<Correspondence>? ByRow(WrittenPart part, IReadOnlyList<string> rowWords, List<SpellingShare> all)
    {
        // I is no example of a letter, though it is one.
        var told = rowWords.Where(x => x.Length > 1).ToList();
        var sure = told.FindAll(x => !IsSaidTwoWays(x, part.Letters));
        var counts = (sure.Count > 0 ? sure : told).Select(x => ShownBy(x, part)).Where(x => x.Count == 1).GroupBy(x => x[0]).ToDictionary(x => x.Key, x => x.Count());
        if (counts.Count == 0)
        {
            return null;
        }

        // Hello to sounds, beside o: of a phrase one word happens to hold a letter, not as it is met first.
        var total = counts.Values.Sum();
        // Nor does fa, alone beside the first a: children do not know it, and it does not begin so, as gem does.
        if (total == 1 && (told.Count > 2 || !told.Exists(x => words.FindWord(x) is { Everyday: true } || x.StartsWith(part.Letters, StringComparison.Ordinal))) && part.Letters.Length == 1 && !FirstMet.Contains(counts.First().Key.Key))
        {
            return null;
        }

        var ranked = counts.OrderByDescending(x => x.Value).ToList();
        return ranked[0].Value >= 0.8 * total ? [ranked[0].Key] : [.. ranked.Where(x => all.Any(a => a.Correspondence == x.Key)).Select(x => x.Key)];
    }

    /// <summary>True for what letters mean where they stand alone and are met for the first time.</summary>
    internal static bool IsMetFirst(Correspondence part) => FirstMet.Contains(part.Key);

    /// <summary>True for letters that many schools teach with two sounds at once.</summary>
    internal static bool HasPair(string letters) => Pairs.Any(x => x.Grapheme == letters);

    private static List<SpellingShare>? PairOf(string letters, List<SpellingShare> from)
    {
        var pair = Pairs.FirstOrDefault(x => x.Grapheme == letters).Sounds?.Select(s => from.FirstOrDefault(x => x.Correspondence.Sound.Key == s)).OfType<SpellingShare>().ToList();
        return pair is { Count: 2 } ? pair : null;
    }

    private static ChosenSound Ask(List<SpellingShare> all, WrittenPart part, IReadOnlySet<Correspondence> taught, List<Correspondence> first)
    {
        var left = all.Where(x => !taught.Contains(x.Correspondence)).Select(x => x.Correspondence).ToList();
        var pair = PairOf(part.Letters, [.. all.Where(x => left.Contains(x.Correspondence))])?.Select(x => x.Correspondence).ToList();
        var choices = new List<IReadOnlyList<Correspondence>>();
        if (first.Count > 1)
        {
            choices.Add(first);
        }
        else if (pair is not null)
        {
            choices.Add(pair);
        }

        // What a letter says in a word or two is no likely answer, unless nothing else is left.
        var seldom = all.Sum(x => x.Words) * Seldom;
        var likely = left.Where((x, i) => i < 2 || all.First(a => a.Correspondence == x).Words > seldom).ToList();
        choices.AddRange(first.Concat(likely).Distinct().Take(MostChoices).Select(x => (IReadOnlyList<Correspondence>)[x]));
        return choices.Count == 0 ? new ChosenSound([all[0].Correspondence], [], Again: true) : new ChosenSound([], choices);
    }

    private static ChosenSound Done(IReadOnlyList<Correspondence> meant, IReadOnlySet<Correspondence> taught)
    {
        var fresh = meant.Where(x => !taught.Contains(x)).ToList();
        return fresh.Count > 0 ? new ChosenSound(fresh, []) : new ChosenSound(meant, [], Again: true);
    }
}

using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Importing;

/// <summary>Makes rungs of what is written for one: each part settled by what stands beside it and by what came before, or asked.</summary>
internal sealed class RungMaking(CorrespondenceTable table, SchoolWords words, SpellingShares shares, PartReader reader)
{
    private const int LongestNotes = 2000, MostOfAKind = 12;

    private readonly SoundChoice _sounds = new(words, shares);

    /// <summary>The rungs, several where more is written than one rung takes; none where nothing is left of it.</summary>
    public IEnumerable<PlacedRung> Of(WrittenRung written, Settling state)
    {
        var made = new Draft();
        var (adds, tricky, notes, doubts, again) = (made.Adds, made.Tricky, made.Notes, made.Doubts, made.Again);
        var kind = RungKind.Teach;
        var source = written.Sources.FirstOrDefault() ?? new Source("", "", "");

        // Letters met before, several together and with nothing said of them, are gone over.
        var goneOver = written.CellLetters.Count > 1 && written.CellLetters.All(state.Graphemes.Contains) && written.Parts.All(x => x.Kind == WrittenKind.Grapheme && x.Words.Count == 0 && x.Sounds.Count == 0)
            && written.Words.Count == 0 && written.Sound.Length == 0;
        // No new sound, before there was any, is a week of none.
        if (written is { Parts: [{ Kind: WrittenKind.Lesson } only], Tricky.Count: 0 } && state.Things.Count + state.Tricky.Count == 0 && LessonWords.NamesNothingNew(only.Letters))
        {
            state.LeftOut.AddRange(written.Sources.Select(x => new LeftOut(x, LeftOutReason.NotRead)));
            yield break;
        }

        foreach (var part in written.Parts)
        {
            switch (part.Kind)
            {
                case WrittenKind.Lesson when SpellingsTogether.Unmet(part.Letters, reader, state.Graphemes) is { Count: > 0 } unmet:
                    unmet.ToList().ForEach(x => Grapheme(x, written, source, state, made));
                    break;
                case WrittenKind.Lesson:
                    kind = part.Lesson;
                    notes.Add(part.Letters);
                    if (SpellingsTogether.Of(part.Letters, kind, state.Taught, shares) is { Count: > 1 } together)
                    {
                        kind = RungKind.Contrast;
                        adds.AddRange(together.Select(Teachable.Of));
                    }

                    break;
                case WrittenKind.Kept:
                    notes.Add(part.Letters);
                    state.Kept.Add(source with { Text = part.Letters });
                    break;
                case WrittenKind.Structure:
                    adds.Add(Teachable.Of(part.Structure!.Value));
                    break;
                case WrittenKind.Print:
                    adds.AddRange(part.Print.Where(x => !adds.Contains(x)));
                    break;
                case WrittenKind.Ending:
                    adds.Add(Teachable.OfEnding(part.Letters));
                    break;
                case WrittenKind.Cluster when !IsOneSound(part, written, state):
                    adds.Add(Teachable.OfCluster(GraphemeRun.Parse(string.Join(' ', SoundChoice.ClusterOf(part.Letters, table)!))));
                    break;
                case WrittenKind.RimeUnit or WrittenKind.WordEnd:
                    Unit(part with { Words = [.. part.Words, .. written.Words] }, source, state, made);
                    break;
                case WrittenKind.Grapheme when IsEndingOf(part, written):
                    adds.Add(Teachable.OfEnding(part.Letters));
                    break;
                default:
                    // s/ss: the letter alone is there beside what is new.
                    if (goneOver || (state.Graphemes.Contains(part.Letters) && part.Words.Count + part.Sounds.Count == 0 && written.CellLetters.Contains(part.Letters + part.Letters)))
                    {
                        again.Add(part.Letters);
                        break;
                    }

                    Grapheme(part, written, source, state, made);
                    break;
            }
        }

        var named = written.Tricky.Concat(tricky).ToList();
        tricky.Clear();
        foreach (var word in named)
        {
            if (state.Tricky.Add(word))
            {
                tricky.Add(PrintWords.AsInText(word, words));
            }
            else
            {
                state.LeftOut.Add(new LeftOut(source with { Text = word }, LeftOutReason.Repeated));
            }
        }

        foreach (var thing in adds.ToList().Where(x => !state.Things.Add(x) && kind != RungKind.Contrast))
        {
            adds.Remove(thing);
            again.Add(thing.Label);
        }

        if (again.Count > 0)
        {
            notes.Insert(0, $"Again: {string.Join(", ", again.Distinct())}");
        }

        if (adds.Count == 0 && tricky.Count == 0 && kind == RungKind.Teach)
        {
            if (notes.Count == 0 && doubts.Count == 0 && written.Notes.Count == 0)
            {
                // Nothing of a sheet is lost without a word: examples of nothing, what was said a second time.
                state.LeftOut.AddRange(written.Sources.Where(x => state.LeftOut.TrueForAll(l => l.Source.Cell != x.Cell)).Select(x => new LeftOut(x, LeftOutReason.NotRead)));
                yield break;
            }

            kind = RungKind.Consolidation;
        }

        var keyword = Keyword(written, adds);
        var shown = written.Words.Distinct().Where(x => x != keyword && (!written.SharesWords || written.Parts.Any(p => p.IsSeenIn(x)))).ToList();
        var text = string.Join("\n", notes.Concat(written.Notes).Concat(shown.Count > 0 ? [$"Words: {string.Join(", ", shown)}"] : []));
        text = text.Length > LongestNotes ? text[..LongestNotes] : text;
        var first = true;
        for (var from = 0; first || from < Math.Max(adds.Count, tricky.Count); from += MostOfAKind)
        {
            var rung = new Rung
            {
                Id = NewId(adds.Skip(from).Select(x => x.Label).Concat(tricky.Skip(from)).DefaultIfEmpty(kind.ToString()), state), Kind = kind,
                Adds = [.. adds.Skip(from).Take(MostOfAKind)], TrickyWords = [.. tricky.Skip(from).Take(MostOfAKind)],
                Keyword = first ? keyword : "", Notes = first ? text : "", Days = written.Days,
            };
            yield return new PlacedRung(new ImportedRung(rung, written.Sources, written.Date, first ? doubts : []), written.Section, written.Week, written.IsDay);
            first = false;
        }
    }

    // "-y | windy, sunny": its words stand in another column, and are all of them made with it.
    private bool IsEndingOf(WrittenPart part, WrittenRung written) => part is { Letters: "y", Words.Count: 0, Sounds.Count: 0 } && written.Words.Count > 0 && written.Sources[0].Text.Trim() is ['-' or '–', 'y', ..]
        && written.Words.TrueForAll(x => words.FindWord(x) is { Ended: { } ended } && ended.Taught == Endings.AsTaught(part.Letters));

    // "o | go", where there are letters with their usual sounds and no more yet: a word that is told whole says nothing of the letter.
    private bool ToldWhole(WrittenPart part, WrittenRung written, Settling state) => part is { Letters: [var vowel], Sounds.Count: 0, Words.Count: 0 } && TokenReader.IsVowel(vowel)
        && written.Words.Count > 0 && written.Words.TrueForAll(reader.IsToldWhole) && !state.Graphemes.Contains(part.Letters) && state.Taught.Any() && state.Taught.All(x => x.Grapheme.Text.Length == 1 && shares.Of(x.Grapheme.Text)[0].Correspondence == x);

    // Letters that are mostly two sounds are one where the row says so: the st of castle.
    private bool IsOneSound(WrittenPart part, WrittenRung written, Settling state) => shares.Of(part.Letters) is { Count: > 0 } sounds
        && ((written.Sources[0].Text == part.Letters && state.MetTogetherAtOnce) || written.Words.Any(w => words.Find(w) is { } found && found.Readings[0].Segments.Any(s => s.Correspondence.Grapheme.Text == part.Letters))
            || (written.Sound.Length > 0 && SoundNames.Find(written.Sound, part.Letters).Any(s => sounds.Any(x => x.Correspondence.Sound == s))));

    private void Grapheme(WrittenPart part, WrittenRung written, Source source, Settling state, Draft made)
    {
        // Letters that are as likely a word, alone in their cell: are, our.
        var bare = part.Words.Count == 0 && part.Sounds.Count == 0;
        if (part.MayBeWord && bare && part.Letters is "are" or "our" && written.Words.Count == 0 && written.Sound.Length == 0 && written.CellLetters.Count < 2)
        {
            var usual = shares.Of(part.Letters)[0].Correspondence;
            var asked = Asked($"{part.Letters}-word", part.Letters, source, [new DoubtChoice(DoubtChoice.Word, []), new DoubtChoice(usual.Sound.Key, [usual])], "", state);
            Take(asked, part.Letters, state, made);
            return;
        }

        // The word I, where the letter i is known or comes as a small letter.
        if (bare && part.Letters == "i" && IsTheWordI(source.Text) && ((state.SmallI && !PartPatterns.SmallI.IsMatch(source.Text)) || state.Graphemes.Contains("i")) && written.Sound.Length == 0)
        {
            made.Tricky.Add("I");
            return;
        }

        // "/k/" beside cat is its c.
        part = bare && part.IsSound && written.Words is [var shown] && _sounds.SpeltIn(shown, part.Letters) is { } letters ? part with { Letters = letters } : part;
        var said = bare && written.Sound.Length > 0 && SoundNames.Find(written.Sound, part.Letters).Any() ? part with { Sounds = [written.Sound] } : part;
        var others = written.CellLetters.Where(x => x != part.Letters).ToList();
        // Y beside ee and ea is the y of happy, whether that of yes was met or not.
        said = bare && said.Letters == "y" && others.Count > 1 && _sounds.SharedBy(others) is { IsVowel: true } vowel && shares.Of("y").Any(x => x.Correspondence.Sound == vowel) ? said with { Sounds = [SoundNames.Exactly(vowel)] } : said;
        var chosen = _sounds.Of(said, ToldWhole(said, written, state) ? [] : written.Words, state.Taught);
        // "/j/ | ge (cage)": where the word shows another spelling, the sound beside it says what is meant.
        chosen = chosen is { Settled.Count: 0, Against.Length: > 0 } && SoundNames.Find(written.Sound, part.Letters).Any() ? _sounds.Of(part with { Sounds = [written.Sound], Words = [] }, [], state.Taught) : chosen;
        if (chosen.Settled.Count == 0 && chosen.Choices.Count == 0)
        {
            made.Notes.Add(part.Letters);
            state.Kept.Add(source with { Text = part.Letters });
            return;
        }

        var met = !state.Graphemes.Add(part.Letters);
        if (chosen.Again)
        {
            made.Again.Add(part.Letters);
            return;
        }

        if (chosen.Settled.Count == 0 && bare && _sounds.SharedBy(others) is { } shared && chosen.Choices.FirstOrDefault(x => x is [var one] && shares.SameHere(one.Sound, shared)) is { } alike)
        {
            chosen = chosen with { Settled = alike };
        }

        // "/oo/ | oo | ue, ew": of its two sounds the one that the others in its row have.
        if (chosen.Settled.Count == 0 && bare && written.SoundLetters.Where(x => x != part.Letters).ToList() is { Count: > 1 } row
            && chosen.Choices.Where(x => x is [var one] && row.TrueForAll(r => shares.Of(r).Any(s => s.Words > 0 && shares.SameHere(s.Correspondence.Sound, one.Sound)))).ToList() is [var only])
        {
            chosen = chosen with { Settled = only };
        }

        if (chosen.Settled.Count > 0)
        {
            Teach(chosen.Settled, state, made);
            return;
        }

        var choices = chosen.Choices.Select(x => new DoubtChoice(string.Join(',', x.Select(c => c.Sound.Key)), x)).ToList();
        if (met)
        {
            choices.Add(new DoubtChoice(DoubtChoice.Again, []));
        }

        // What is said of one spelling of long u is said of all.
        var isLongU = part.Letters is "u_e" or "ue" or "ew" && choices[0].Correspondences.Count == 2;
        var times = state.Doubts.Count(x => x.Letters == part.Letters);
        var id = isLongU ? "long-u" : times == 0 ? part.Letters : $"{part.Letters}-{times + 1}";
        Take(Asked(id, part.Letters, source, choices, chosen.Against, state), part.Letters, state, made);
    }

    private static bool IsTheWordI(string text) => SheetLines.Of(text).Select(x => (SheetWords.Labelled(x)?.After ?? x).Trim(' ', ','))
        .Any(x => x is "I" || (x.Split(',', StringSplitOptions.TrimEntries) is { Length: > 2 } listed && listed.Contains("I") && listed.Count(l => l.Length > 0 && l.All(char.IsAsciiLetterLower)) == listed.Length - 1) || (x.EndsWith(" I", StringComparison.Ordinal) && SheetWords.IsOrdinal(x[..^2])));

    private void Unit(WrittenPart part, Source source, Settling state, Draft made)
    {
        var found = _sounds.RunsOf(part.Letters, part.Words, part.Kind == WrittenKind.WordEnd);
        if (found.Count == 1)
        {
            made.Adds.Add(Teachable.OfRimeUnit(GraphemeRun.Parse(string.Join(' ', found[0]))));
        }
        else if (found.Count == 0)
        {
            made.Notes.Add(part.Letters);
            state.Kept.Add(source with { Text = part.Letters });
        }
        else
        {
            var asked = Asked($"-{part.Letters}", part.Letters, source, [.. found.Select(x => new DoubtChoice(string.Join(' ', x), x)), new DoubtChoice(DoubtChoice.Note, [])], "", state);
            switch (asked.Answer)
            {
                case null:
                    made.Doubts.Add(asked.Id);
                    break;
                case DoubtChoice.Note:
                    made.Notes.Add(part.Letters);
                    break;
                default:
                    made.Adds.Add(Teachable.OfRimeUnit(GraphemeRun.Parse(asked.Answer)));
                    break;
            }
        }
    }

    private static Doubt Asked(string id, string letters, Source source, IReadOnlyList<DoubtChoice> choices, string against, Settling state)
    {
        if (state.Doubts.FirstOrDefault(x => x.Id == id) is { } before)
        {
            return before with { Letters = letters, Choices = choices };
        }

        var answer = state.Answers.GetValueOrDefault(id) is { } given && (choices.Any(x => x.Key == given) || given is DoubtChoice.Note || Sounds(letters, given).Count > 0) ? given : null;
        var doubt = new Doubt(id, letters, source, choices, against, answer);
        state.Doubts.Add(doubt);
        return doubt;
    }

    private static List<Correspondence> Sounds(string letters, string answer) =>
        [.. answer.Split(',').Select(x => Correspondence.TryParse($"{letters}:{x}", out var part, out _) ? part : default).Where(x => x.Grapheme.Text is not null)];

    private static void Take(Doubt doubt, string letters, Settling state, Draft made)
    {
        switch (doubt.Answer)
        {
            case null:
                made.Doubts.Add(doubt.Id);
                break;
            case DoubtChoice.Again:
                made.Again.Add(letters);
                break;
            case DoubtChoice.Word:
                made.Tricky.Add(letters);
                break;
            case DoubtChoice.Note:
                made.Notes.Add(letters);
                break;
            default:
                Teach(Sounds(letters, doubt.Answer), state, made);
                break;
        }
    }

    private static void Teach(IReadOnlyList<Correspondence> meant, Settling state, Draft made)
    {
        state.Taught.UnionWith(meant);
        made.Adds.AddRange(meant.Select(Thing).Where(x => !made.Adds.Contains(x)));
    }

    // Words end in a weak vowel and an l (camel, metal), which the lexicon has as two: taught as one, they are a unit.
    private static Teachable Thing(Correspondence part) => part.Sound.Key == "schwa+l" && part.Grapheme.Text is [var vowel, 'l'] && TokenReader.IsVowel(vowel)
        ? Teachable.OfRimeUnit(GraphemeRun.Parse($"{vowel}:schwa l:l")) : Teachable.Of(part);

    // A single word beside a part is what it is remembered by.
    private string Keyword(WrittenRung written, List<Teachable> adds)
    {
        var named = written.Parts.SelectMany(x => x.Words).Distinct().ToList();
        var letters = adds.Select(x => x.Correspondence?.Grapheme).OfType<Grapheme>().ToList();
        bool Shows(string word) => letters.Count == 0 || words.Find(word) is not { } found || found.Readings.Any(r => r.Segments.Any(s => letters.Contains(s.Correspondence.Grapheme)));
        var keyword = named.FirstOrDefault(Shows) ?? written.Words.FirstOrDefault(x => Shows(x) && (written.Words.Count == 1 || letters.Count > 0));
        return keyword is { Length: <= 40 } ? keyword : "";
    }

    private static string NewId(IEnumerable<string> parts, Settling state)
    {
        var letters = new string([.. string.Join('-', parts.Take(3)).Select(x => char.IsAsciiLetterOrDigit(x) ? char.ToLowerInvariant(x) : '-')]);
        var id = string.Join('-', letters.Split('-', StringSplitOptions.RemoveEmptyEntries));
        id = id.Length is 0 ? "rung" : id.Length > 50 ? id[..50] : id;
        var made = id;
        for (var i = state.Alike.GetValueOrDefault(id, 2); !state.Ids.Add(made); i++)
        {
            made = $"{id}-{i}";
            state.Alike[id] = i + 1;
        }

        return made;
    }
}

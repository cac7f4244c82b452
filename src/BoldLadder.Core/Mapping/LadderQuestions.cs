using BoldLadder.Core.Choosing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Mapping;

/// <summary>A rung with what a question found of it.</summary>
/// <param name="Place">Zero-based.</param>
/// <param name="Count">What was counted.</param>
/// <param name="Words">The words behind it, commonest first.</param>
/// <param name="Other">Another place that the answer names; null for none.</param>
public sealed record RungAnswer(int Place, int Count, IReadOnlyList<LexiconWord> Words, int? Other = null);

/// <summary>A tricky word with what a question found of it.</summary>
/// <param name="Place">Zero-based place of the rung that teaches it; -1 where none does.</param>
/// <param name="Sentences">Sentences that it alone keeps from being read.</param>
/// <param name="Other">The place from which they could be read; or from which the word could simply be read.</param>
public sealed record TrickyAnswer(string Word, int Place, int Sentences, int? Other);

/// <summary>A spelling that nothing on a ladder teaches.</summary>
/// <param name="Place">The place from which a few words could be read if it was taught.</param>
/// <param name="Words">Everyday words that wait for it alone, commonest first.</param>
public sealed record PartAnswer(Correspondence Part, int Place, IReadOnlyList<LexiconWord> Words);

/// <summary>What a lead asks of a ladder, answered in counts that open to words.</summary>
public sealed class LadderQuestions
{
    private const int HardlyUsed = 4, LateBy = 10, FewSentences = 5;

    // Words so common that a class is told them; the place named is the one from which a tenth of the texts could be read, and
    // of a spelling three words.
    private const int Common = 400, MostUntaught = 12, Soon = 10, FewWords = 3;

    private readonly Unlocking _unlocking;
    private readonly IReadOnlyList<RungFigures> _figures;
    private readonly PartIndex _index;

    /// <param name="figures">Of the ladder, from <see cref="RungMap.Of"/>.</param>
    public LadderQuestions(Unlocking unlocking, IReadOnlyList<RungFigures> figures) =>
        (_unlocking, _figures, _index) = (unlocking, figures, PartIndex.Of(unlocking.Rules));

    private Ladder Ladder => _unlocking.Ladder;

    /// <summary>Rungs that are thin by place; for each the nearest place where it would not be, and how many target words it has now.</summary>
    public IReadOnlyList<RungAnswer> Thin(Needs needs, ClashDistances distances) => [.. Places(x => _figures[x].Thin == Thinness.ByPlace).Select(place =>
    {
        var id = Ladder.Rungs[place].Id;
        var feeding = new Consequences(_unlocking, _figures, [id], needs, distances).Destinations
            .Where(x => x.NoLongerThin.Contains(id)).MinBy(x => (Math.Abs(x.Place - place), x.Unmet.Count));
        return new RungAnswer(place, _figures[place].Targets, TargetWords.At(_unlocking, place), feeding?.Place);
    })];

    /// <summary>Everyday words that could be read at once if a rung were taught next.</summary>
    /// <param name="from">How many rungs are taught; for a rung below them, it is asked of the place where it stands.</param>
    public RungAnswer OnlyWaiting(int place, int from)
    {
        var times = new MovingTimes(_unlocking.Rules, Ladder, [.. Ladder.Rungs.Where((_, i) => i != place)], [Ladder.Rungs[place]]);
        var below = Math.Min(place, from);
        var words = _index.Everyday.ToArray().Where(x => times.WordWith(x) <= times.OfMoving(0, below) && times.WordWithout(x) > times.OfMoving(0, below));
        var known = Known(words);
        return new RungAnswer(place, known.Count, known);
    }

    /// <summary>The rungs above a place that would open most everyday words if they came next; the most useful first.</summary>
    public IReadOnlyList<RungAnswer> MostUseful(int from, int count) => [.. Places(x => x >= from && Ladder.Rungs[x] is { Kind: RungKind.Teach } rung && rung.Correspondences.Count > 0)
        .Select(x => OnlyWaiting(x, from)).Where(x => x.Count > 0).OrderByDescending(x => x.Count).ThenBy(x => x.Place).Take(count)];

    /// <summary>Rungs whose correspondences hardly any everyday word after them needs.</summary>
    public IReadOnlyList<RungAnswer> HardlyUsedAfter()
    {
        var top = Ladder.Rungs.Count - 1;
        return [.. Places(x => Ladder.Rungs[x] is { Kind: RungKind.Teach } rung && rung.Correspondences.Count > 0).Select(place =>
        {
            var rows = _unlocking.Rules.Rows;
            var words = new List<int>();
            foreach (var row in _index.RowsOf(Ladder.Rungs[place]))
            {
                if (_unlocking.PlaceOfRow(row) <= top && _unlocking.PlaceOf(rows.WordOf(row)) >= place)
                {
                    words.Add(rows.WordOf(row));
                }
            }

            return new RungAnswer(place, words.Distinct().Count(), Known(words.Distinct()));
        }).Where(x => x.Count < HardlyUsed).OrderBy(x => x.Count).ThenBy(x => x.Place)];
    }

    /// <summary>
    /// Tricky words that could wait: no sentence needs them before the rung from which they can simply be read. And those
    /// that are late: sentences wait for nothing else.
    /// </summary>
    /// <param name="sentences">The words of every sentence there is, in small letters.</param>
    /// <param name="strict">The same ladder with strict weak vowels.</param>
    public (IReadOnlyList<TrickyAnswer> CouldWait, IReadOnlyList<TrickyAnswer> Late) Tricky(IEnumerable<IReadOnlyList<string>> sentences, Unlocking strict)
    {
        var taught = TaughtByHeart();
        var (waiting, earlier) = (new Dictionary<string, List<int>>(), new HashSet<string>());
        foreach (var sentence in sentences)
        {
            var places = sentence.Distinct().Select(x => (Word: x, Place: PlaceOf(x, taught))).OrderByDescending(x => x.Place).ToList();
            if (places.Count == 0 || places[0].Place == Unlocking.Never)
            {
                continue;
            }

            // The last word to come is a tricky one: the sentence could be read as soon as the next to last is.
            if (taught.ContainsKey(places[0].Word) && Alone(places[0].Word) != places[0].Place && (places.Count == 1 || places[1].Place < places[0].Place))
            {
                (waiting.TryGetValue(places[0].Word, out var list) ? list : waiting[places[0].Word] = []).Add(places.Count == 1 ? 0 : places[1].Place);
            }

            foreach (var (word, _) in places.Where(x => taught.ContainsKey(x.Word) && places[0].Place < DecodableAt(x.Word, strict)))
            {
                earlier.Add(word);
            }
        }

        var couldWait = taught.Where(x => DecodableAt(x.Key, strict) is var at && at != Unlocking.Never && at > x.Value && !earlier.Contains(x.Key))
            .Select(x => new TrickyAnswer(x.Key, x.Value, 0, DecodableAt(x.Key, strict))).OrderBy(x => x.Place);
        var late = waiting.Select(x => (x.Key, Place: taught[x.Key], Sentences: x.Value.Count(p => taught[x.Key] - p >= LateBy), Soonest: x.Value.Order().ElementAt(x.Value.Count / 2)))
            .Where(x => x.Sentences >= FewSentences).OrderByDescending(x => x.Sentences).Select(x => new TrickyAnswer(x.Key, x.Place, x.Sentences, x.Soonest));
        return ([.. couldWait.Where(x => !Ladder.Rungs[x.Place].IsKnownBefore)], [.. late.Where(x => !Ladder.Rungs[x.Place].IsKnownBefore)]);

        int Alone(string word) => _unlocking.Rules.Rows.Words.FindWord(word) is { } found ? _unlocking.PlaceOf(found.Rank) : Unlocking.Never;
    }

    /// <summary>
    /// Common words that nothing on the ladder teaches and that texts wait for, alone: with how many, and the place from which
    /// they could be read.
    /// </summary>
    public IReadOnlyList<TrickyAnswer> Untaught(WordStock stock)
    {
        var texts = stock.Sentences.All.Concat(stock.Stories.All.Select(x => x.Text)).Select(x => x.Words.Select(w => w.ToLowerInvariant()).Distinct());
        var taught = TaughtByHeart();
        var waiting = new Dictionary<string, List<int>>();
        foreach (var text in texts)
        {
            var places = text.Select(x => (Word: x, Place: PlaceOf(x, taught))).ToList();
            if (places.Where(x => x.Place == Unlocking.Never).ToList() is [var only] && _unlocking.Rules.Rows.Words.FindWord(only.Word) is { Rank: < Common })
            {
                (waiting.TryGetValue(only.Word, out var list) ? list : waiting[only.Word] = []).Add(places.Where(x => x.Place != Unlocking.Never).Select(x => x.Place).DefaultIfEmpty(0).Max());
            }
        }

        return [.. waiting.Where(x => x.Value.Count >= FewSentences).OrderByDescending(x => x.Value.Count).Take(MostUntaught)
            .Select(x => new TrickyAnswer(_unlocking.Rules.Rows.Words.FindWord(x.Key)!.Spelling, -1, x.Value.Count, x.Value.Order().ElementAt(x.Value.Count / Soon)))];
    }

    /// <summary>Spellings that nothing on the ladder teaches and that everyday words wait for, alone; the most needed first.</summary>
    public IReadOnlyList<PartAnswer> UntaughtParts()
    {
        var rows = _unlocking.Rules.Rows;
        var waiting = new Dictionary<Part, List<(int Rank, int Place)>>();
        foreach (var rank in _index.Everyday)
        {
            if (_unlocking.PlaceOf(rank) != Unlocking.Never)
            {
                continue;
            }

            var (row, end) = rows.RowsOf(rank);
            var (only, place) = Enumerable.Range(row, end - row).Select(Alone).Where(x => x.Part.Kind == PartKind.Correspondence && x.Part.Key is not null).OrderBy(x => x.Place).FirstOrDefault();
            if (only.Key is not null)
            {
                (waiting.TryGetValue(only, out var list) ? list : waiting[only] = []).Add((rank, place));
            }
        }

        return [.. waiting.Where(x => x.Value.Count >= FewSentences)
            .Select(x => new PartAnswer(Correspondence.Parse(x.Key.Key), x.Value.Select(w => w.Place).Order().ElementAt(FewWords - 1), Known(x.Value.Select(w => w.Rank))))
            .Where(x => x.Words.Count >= FewSentences).OrderByDescending(x => x.Words.Count).Take(MostUntaught)];

        // The one part of a reading that nothing brings, and from where the others are taught.
        (Part Part, int Place) Alone(int at)
        {
            var parts = rows.BitsOf(at).ToArray().Select(x => rows.Bits[x]).Distinct().Select(x => (Part: x, Place: _unlocking.PlaceOf(x))).ToList();
            return parts.Count(x => x.Place == Unlocking.Never) == 1 ? (parts.First(x => x.Place == Unlocking.Never).Part, parts.Where(x => x.Place != Unlocking.Never).Select(x => x.Place).DefaultIfEmpty(0).Max()) : default;
        }
    }

    /// <summary>
    /// The place from which every word of a text can be read or is a taught tricky word, and no capital or mark waits; and
    /// the words and signs that come last, latest first.
    /// </summary>
    public (int? Place, IReadOnlyList<(string Word, int? Place)> Last) Earliest(string text)
    {
        var words = SentenceBank.WordsOf(text).Select(x => x.ToLowerInvariant());
        var taught = TaughtByHeart();
        var places = words.Distinct().Select(x => (Word: x, Place: PlaceOf(x, taught)))
            .Concat(Print(text)).OrderByDescending(x => x.Place).ToList();
        int? Known(int place) => place == Unlocking.Never ? null : place;
        return (places.Count == 0 ? null : Known(places[0].Place), [.. places.Take(6).Select(x => (x.Word, Known(x.Place)))]);
    }

    /// <summary>Everyday words that another accent lets be read at another place, by the rung from which they can be read here.</summary>
    public IReadOnlyList<RungAnswer> Otherwise(Unlocking other) => [.. _index.Everyday.ToArray()
        .Select(x => (Rank: x, Here: _unlocking.PlaceOf(x), There: other.PlaceOf(x)))
        .Where(x => x.Here != x.There).GroupBy(x => Math.Min(x.Here, x.There))
        .Select(x => new RungAnswer(x.Key, x.Count(), Known(x.Select(w => w.Rank)))).OrderByDescending(x => x.Count)];

    // A word alone is shown in small letters.
    private IEnumerable<(string Word, int Place)> Print(string text) => !text.Contains(' ', StringComparison.Ordinal) ? []
        : _unlocking.Rules.Print.Missing(text, new HashSet<Teachable>()).Select(x => (x.Label, _unlocking.PlaceOf(new Part(PartKind.Print, x.Code))));

    // Each tricky word with the place of the first rung that teaches it.
    private Dictionary<string, int> TaughtByHeart() => Ladder.Rungs.SelectMany((x, i) => x.TrickyWords.Select(w => (Word: w.ToLowerInvariant(), i))).GroupBy(x => x.Word).ToDictionary(x => x.Key, x => x.Min(w => w.i));

    private int PlaceOf(string word, Dictionary<string, int> tricky)
    {
        var place = _unlocking.Rules.Rows.Words.FindWord(word) is { } found ? _unlocking.PlaceOf(found.Rank)
            : _unlocking.Rules.Rows.Words.Forms.Find(word) is { } form ? OfForm(form) : Unlocking.Never;
        return tricky.TryGetValue(word, out var taught) ? Math.Min(place, taught) : place;
    }

    // A form that the lexicon does not list is read when its parts are.
    private int OfForm(FormedWord form) => form.Readings.Min(reading => Bits.Needed(reading, form.Ended, Structure.Of(reading)).Max(_unlocking.PlaceOf));

    private static int DecodableAt(string word, Unlocking strict) => strict.Rules.Rows.Words.FindWord(word) is { } found ? strict.PlaceOf(found.Rank) : Unlocking.Never;

    // What was known before the order begins is nothing that a lead could move.
    private IEnumerable<int> Places(Func<int, bool> which) => Enumerable.Range(0, Ladder.Rungs.Count).Where(x => !Ladder.Rungs[x].IsKnownBefore && which(x));

    private IReadOnlyList<LexiconWord> Known(IEnumerable<int> ranks) => [.. ranks.Order().Select(x => _unlocking.Rules.Rows.Words.Words[x]).Where(x => x.Suitability == Suitability.Fine)];
}

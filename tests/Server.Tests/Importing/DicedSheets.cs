namespace BoldLadder.Server.Tests.Importing;

/// <summary>
/// Makes sheets by dice, in the form of tests/sheets: an order of letters that nobody keeps, a layout, a way to write parts,
/// headings, days off and remarks, each drawn on its own, so that what people do meets as nobody has written it down.
/// </summary>
internal sealed class DicedSheets
{
    private const string Letters = """
        s sun sit sad|t tap tin ten|p pig pot pan|n net nut nap|m mat mud mop|d dog dig den|g gap gum get|k kit kid keg|r rat rug rip|h hat hen hop|b bed bus bag|f fan fig fun
        l leg lip log|j jam jet jog|v van vet vat|w web wet wig|y yes yak yap|z zip zap zed|a ant apple am|e egg elf end|i ink in it|o ox on off|u up us under|c:k cat cap cot|x:k+s fox box six|qu:k+w quiz quick queen
        """;

    private const string Digraphs = """
        sh:sh ship shop fish|ch:ch chip chat rich|ng:ng ring song king|ck:k sock duck kick|ai:ai rain sail wait|ee:ee feet seen keep|igh:igh night light high|oa:oa boat coat soap|oi:oi coin soil join
        ar:ar car farm park|or:or fork torn corn|air:air hair fair chair|ss:s hiss mess kiss|ll:l bell hill doll|ff:f puff cliff off|zz:z buzz fizz jazz|ay:ai play day say|oy:oi toy boy joy|aw:aw saw paw draw
        au:aw haunt launch August|ie:igh pie tie lie|kn:n knee knot knit|wr:r write wrap wrist|tch:ch match catch witch|dge:j bridge badge hedge|ph:f phone graph dolphin|ey:ee key donkey monkey|ir:ur bird girl shirt
        ur:ur burn turn fur|gn:n gnat gnome gnaw|mb:m lamb thumb comb|a_e:ai cake name late|i_e:igh bike time five|o_e:oa home note rope
        """;

    // Letters that say several things: each stands with a word that shows which is meant.
    private const string Unsure = """
        oo:oo moon food zoo|oo:uu book look cook|ow:ow cow down town|ow:oa snow grow low|ea:ee sea read leaf|ea:e bread head dead|th:th thin thick moth|th:dh this that them|ew:y+oo few stew new
        y:ee happy funny silly|c:s city cell ice|g:j gem giant gentle|ear:ear hear dear near
        """;

    private const string Endings = "-ing jumping resting|-ed jumped rested|-s cats dogs|-est fastest tallest";

    private static readonly string[] Remarks = ["magnetic letters", "use mirrors", "Mrs Adeyemi", "small group after lunch", "sand trays", "hall at 10", "whiteboards and pens", "check name cards", "", "", "", "", "ask parents"];

    private static readonly string[][] TermNames =
    [
        ["Autumn 1", "Autumn 2", "Spring 1", "Spring 2", "Summer 1", "Summer 2"], ["Term 1", "Term 2", "Term 3", "Term 4", "Term 5", "Term 6"], ["Half term 1", "Half term 2", "Half term 3", "Half term 4", "Half term 5", "Half term 6"],
        ["AUTUMN 1", "AUTUMN 2", "SPRING 1", "SPRING 2", "SUMMER 1", "SUMMER 2"], ["Aut 1", "Aut 2", "Spr 1", "Spr 2", "Sum 1", "Sum 2"],
    ];

    private static readonly string[] Weekdays = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday"];

    private readonly Random _dice;
    private readonly string _file, _between, _sounds, _tricky, _examples, _notes, _week;
    private readonly string[] _terms;
    private readonly int _manner, _dash;
    private readonly List<Part> _parts;
    private readonly Queue<string> _learnt;
    private readonly List<string> _rows = [];

    private DicedSheets(int seed)
    {
        _dice = new Random(seed);
        _file = Of("xlsx", "xlsx", "ods", "csv", "tsv", "ssv");
        _manner = Of(0, 0, 0, 1, 1, 2, 3, 4, 5);
        _between = Of(", ", ", ", " / ", "; ", " ", "\\n");
        _between = (_between == "\\n" && _file == "tsv") || (_manner is 2 or 3 or 4 && _between is " " or " / ") || (_manner == 5 && _between == " ") ? ", " : _between;
        _dash = _between == " " ? Of(0, 1, 2) : Of(0, 1, 2, 3);
        _terms = Of(TermNames);
        _sounds = Of("Grapheme", "GPC", "Sound", "New sound", "Letters", "Sounds to teach", "Focus sound", "New learning", "Introduce", "Phonics focus", "Target sound", "Letter(s)", "Key sound", "This week", "Sounds to introduce", "Today's sound");
        _tricky = Of("Tricky words", "HFW", "Common exception words", "CEW", "Sight words", "Exception words", "Irregular", "Tricky", "TW", "Words by sight", "Tricky word(s)", "Words to learn", "Non-decodable words", "New tricky words");
        _examples = Of("Words", "Example words", "Examples", "Words to read", "Word bank", "e.g.", "Reading words", "Such as", "Words to practise", "Try these words");
        _notes = Of("Notes", "Comments", "Resources", "Ideas", "Games", "To do", "Equipment", "Next steps", "Group lead");
        _week = Of("Week", "Wk", "Week no.", "Wk.");
        _learnt = new Queue<string>(Shuffled("the to I no go into he she we me be was you they all my her said have like so do some come were there little one out what when".Split(' ')));
        List<Part> singles = Shuffled(Read(Letters)), later = Shuffled([.. Read(Digraphs).Where(_ => Half()), .. Shuffled(Read(Unsure, unsure: true)).DistinctBy(x => x.Letters).Take(3)]);
        var known = Half() ? 0 : 12;
        _parts = [.. singles.Skip(known).Concat(later).Concat(Shuffled(Read(Endings)).Take(_dice.Next(3))).Take(_dice.Next(8, 40))];
    }

    private sealed record Part(string Letters, string Gives, string[] Words, bool Unsure);

    /// <summary>The lines of a sheet, as they would stand in a file of tests/sheets.</summary>
    public static IReadOnlyList<string> Make(int seed) => new DicedSheets(seed).Lines();

    private IReadOnlyList<string> Lines()
    {
        var order = "";
        if (_dice.Next(5) < 2)
        {
            _rows.AddRange([Of("Phonics overview", "Reception phonics plan", "Juniper Lane Primary", "Our order of sounds", "Year 1 phonics map"), .. Half() ? (string[])[""] : []]);
        }

        switch (_dice.Next(11))
        {
            case 0: Table(); break;
            case 1: Weeks(); break;
            case 2: DaysAcross(); break;
            case 3: order = WeeksAcross(); break;
            case 4: UnderTerms(); break;
            case 5: order = TermsAcross(); break;
            case 6: List(); break;
            case 7: HalfTerms(); break;
            case 8: Together(); break;
            case 9: Days(); break;
            default: Reviewed(); break;
        }

        return [$"@file {_file}", .. order.Length > 0 ? (string[])[$"@order {order}"] : [], .. _rows];
    }

    // A part in each row, and columns beside it in any order.
    private void Table()
    {
        List<string> beside = Shuffled([.. Kept("key", 3), .. Kept("examples", 2), .. Kept("tricky", 2), .. Kept("notes", 3), "part"]);
        var numbered = Half();
        var shown = beside.Contains("key") || beside.Contains("examples");
        string Heading(string x) => x switch { "key" => "Keyword", "examples" => _examples, "tricky" => _tricky, "notes" => _notes, _ => _sounds };
        Row([.. numbered ? (string[])["No."] : [], .. beside.Select(Heading)]);
        for (var i = 0; i < _parts.Count; i++)
        {
            var part = _parts[i];
            Row([.. numbered ? (string[])[$"{i + 1}"] : [], .. beside.Select(x => x switch { "key" => part.Words[0], "examples" => string.Join(", ", part.Words), "tricky" => Tricky(), "notes" => Of(Remarks), _ => shown ? Bare(part) : Cell([part]) })]);
            if (_dice.Next(30) == 0)
            {
                _rows.Add(Of("HALF TERM", "Half term", "Christmas holidays", "INSET day"));
            }
        }
    }

    private void Weeks()
    {
        var (tricky, notes, called) = (Half(), Half(), Of("{0}", "Week {0}", "W{0}"));
        Row([_week, _sounds, .. tricky ? (string[])[_tricky] : [], .. notes ? (string[])[_notes] : []]);
        foreach (var (at, week) in Chunks(2, 4).Index())
        {
            Row([string.Format(called, at + 1), Cell(week), .. tricky ? (string[])[Tricky()] : [], .. notes ? (string[])[Of(Remarks)] : []]);
        }
    }

    private void DaysAcross()
    {
        Row(["Week", .. Weekdays]);
        foreach (var (at, week) in Chunks(4, 5).Index())
        {
            Row([$"Week {at + 1}", .. week.Select(x => Cell([x])), .. Enumerable.Repeat("Review => =consolidation", Weekdays.Length - week.Length)]);
        }
    }

    private string WeeksAcross()
    {
        var weeks = Chunks(3, 5);
        var labelled = Half();
        Row([.. labelled ? (string[])[""] : [], .. weeks.Select((_, i) => $"Week {i + 1}")]);
        for (var day = 0; day < weeks.Max(x => x.Length); day++)
        {
            Row([.. labelled ? (string[])[Weekdays[day]] : [], .. weeks.Select(x => day < x.Length ? Cell([x[day]]) : "")]);
        }

        return "columns";
    }

    private void UnderTerms()
    {
        var (tricky, top, length) = (Half(), Half(), _dice.Next(2, 5));
        string[] heads = ["Week", _sounds, .. tricky ? (string[])[_tricky] : []];
        if (top)
        {
            Row(heads);
        }

        foreach (var (at, week) in Chunks(2, 4).Index())
        {
            if (at % length == 0)
            {
                _rows.Add(_terms[Math.Min(5, at / length)]);
                if (tricky && !top)
                {
                    Row(heads);
                }
            }

            Row([$"Week {(at % length) + 1}", Cell(week), .. tricky ? (string[])[Tricky()] : []]);
        }
    }

    private string TermsAcross()
    {
        var terms = _parts.Chunk((_parts.Count + 3) / 4).ToList();
        Row([.. terms.Select((_, i) => _terms[i])]);
        for (var i = 0; i < terms[0].Length; i++)
        {
            Row([.. terms.Select(x => i < x.Length ? Cell([x[i]]) : "")]);
        }

        return "columns";
    }

    private void List()
    {
        var (numbered, called) = (Of(0, 1, 2), Of("Week {0}: ", "Week {0} - ", "Wk {0}: "));
        foreach (var (at, step) in Chunks(1, 4).Index())
        {
            var (text, gives) = (Written(step, _manner is 0 or 1 && _between is " " or ", " ? _between : ", "), Gives(step));
            var learnt = numbered == 0 ? Learnt(_dice.Next(3)) : [];
            text += learnt.Count > 0 ? string.Format(Of(" (tricky words: {0})", " + tricky words {0}", "; tricky words: {0}"), string.Join(", ", learnt)) : "";
            _rows.Add($"{(numbered == 0 ? string.Format(called, at + 1) : numbered == 1 ? $"{at + 1}. " : $"{at + 1}) ")}{text} => {gives} {string.Join(' ', learnt.Select(x => $"!{x}"))}".TrimEnd());
        }
    }

    // For each half-term a block of its own, whose rows are not those of the others.
    private void HalfTerms()
    {
        var called = Of("Week {0}", "Wk {0}", "{0}");
        foreach (var (at, block) in Chunks(2, 4).Chunk(6).Index())
        {
            _rows.Add(_terms[Math.Min(5, at)]);
            Row(["", .. block.Select((_, i) => string.Format(called, i + 1))]);
            Row([_sounds, .. block.Select(x => Cell(x))]);
            if (Half())
            {
                Row(["Tricky words", .. block.Select(_ => Tricky())]);
            }

            if (Half())
            {
                Row(["Notes", .. block.Select(_ => Of(Remarks))]);
            }
        }
    }

    private void Together()
    {
        Row([_week, Of("Sounds and tricky words", "Content", "What we teach", "Phonics", "Coverage", "Teaching")]);
        var form = Of("{0} TW: {1}", "{0}; tricky: {1}", "{0} (tricky: {1})", "{0} + HFW: {1}", "{0}. Tricky words: {1}");
        foreach (var (at, week) in Chunks(2, 4).Index())
        {
            var learnt = Learnt(_dice.Next(3));
            var text = Written(week, _between is "; " or "\\n" ? ", " : _between);
            Row([$"Week {at + 1}", $"{(learnt.Count > 0 ? string.Format(form, text, string.Join(", ", learnt)) : text)} => {Gives(week)} {string.Join(' ', learnt.Select(x => $"!{x}"))}".TrimEnd()]);
        }
    }

    private void Days()
    {
        Row([_week, "Day", _sounds]);
        foreach (var (at, week) in Chunks(4, 4).Index())
        {
            foreach (var (day, part) in week.Index())
            {
                Row([day == 0 ? $"Week {at + 1}" : "", Weekdays[day], Cell([part])]);
            }

            var learnt = Learnt(2);
            Row(["", Weekdays[4], learnt.Count > 0 && Half() ? $"tricky words: {string.Join(", ", learnt)} => {string.Join(' ', learnt.Select(x => $"!{x}"))}" : Of("Review => =consolidation", "Recap => =consolidation", "Assess => =check")]);
        }
    }

    private void Reviewed()
    {
        Row([_week, _sounds]);
        var at = 0;
        foreach (var (i, week) in Chunks(2, 4).Index())
        {
            Row([$"{++at}", Cell(week)]);
            if (i % 4 == 3)
            {
                Row([$"{++at}", Of("Review week => =consolidation", "Consolidation => =consolidation", "Assessment week => =check", "Catch up => =consolidation")]);
            }
        }
    }

    private string Cell(IReadOnlyList<Part> parts) => $"{Written(parts, _between)} => {Gives(parts)}";

    private string Bare(Part part) => $"{Spelt(part.Letters)} => {part.Gives}";

    private static string Gives(IReadOnlyList<Part> parts) => string.Join(' ', parts.Select(x => x.Gives));

    private string Written(IReadOnlyList<Part> parts, string between) => string.Join(between, parts.Select(x => (_manner is 0 or 5 && x.Unsure ? 1 : _manner, Letters: Spelt(x.Letters), Word: x.Words[0], IsEnding: x.Letters[0] == '-') switch
    {
        (1, var letters, var word, _) => $"{letters} ({word})",
        (2, var letters, var word, _) => $"{letters} - {word}",
        (3, var letters, var word, _) => $"{letters} as in {word}",
        (4, var letters, var word, false) => $"{letters}: {word}",
        (5, var letters, _, false) => $"/{letters}/",
        (_, var letters, _, _) => letters,
    }));

    private string Spelt(string letters) => letters is [var first, '_', var last] ? $"{first}{_dash switch { 1 => "-", 2 => "–", 3 => "...", _ => "_" }}{last}" : letters;

    private string Tricky() => Learnt(_dice.Next(3)) is { Count: > 0 } words ? $"{string.Join(", ", words)} => {string.Join(' ', words.Select(x => $"!{x}"))}" : "";

    private List<string> Learnt(int count) => [.. Enumerable.Range(0, Math.Min(count, _learnt.Count)).Select(_ => _learnt.Dequeue())];

    private List<Part[]> Chunks(int fewest, int most)
    {
        var (chunks, at) = (new List<Part[]>(), 0);
        while (at < _parts.Count)
        {
            chunks.Add([.. _parts.Skip(at).Take(_dice.Next(fewest, most + 1))]);
            at += chunks[^1].Length;
        }

        return chunks;
    }

    private void Row(params string[] cells) => _rows.Add(string.Join(" | ", cells));

    private string[] Kept(string name, int oneIn) => _dice.Next(oneIn) == 0 ? [name] : [];

    private bool Half() => _dice.Next(2) == 0;

    private T Of<T>(params T[] choices) => choices[_dice.Next(choices.Length)];

    private List<T> Shuffled<T>(IEnumerable<T> all)
    {
        var shuffled = all.ToArray();
        _dice.Shuffle(shuffled);
        return [.. shuffled];
    }

    private static List<Part> Read(string table, bool unsure = false) => [.. table.Split(['|', '\n'], StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries).Select(x => x.Split(' '))
        .Select(x => new Part(x[0].Split(':')[0], x[0].Contains(':') || x[0][0] == '-' ? x[0] : $"{x[0]}:{x[0]}", x[1..], unsure))];
}

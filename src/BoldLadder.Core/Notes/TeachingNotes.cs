using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Notes;

/// <summary>How a sound is said, the slip to expect and what puts it right.</summary>
/// <param name="Sound">Its key.</param>
/// <param name="Say">What mouth, tongue and voice do, to the children.</param>
/// <param name="Gesture">What children do when they hear it.</param>
/// <param name="Line">A line to say together that is full of it.</param>
public sealed record SoundNote(string Sound, string Say, string Slip, string Mend, string Gesture, string Line);

/// <summary>The way the pencil goes.</summary>
/// <param name="MixedUpWith">Letters that it is mixed up with.</param>
public sealed record LetterNote(string Letter, string Small, string Capital, IReadOnlyList<string> MixedUpWith);

/// <summary>The point of a lesson on a part, and what the adult should know of it.</summary>
/// <param name="Point">A sentence a child could be told.</param>
/// <param name="Place">Where it stands, its exceptions, what it means; empty where there is nothing to say.</param>
public sealed record PartNote(string Part, string Point, string Place);

/// <summary>How two that are taken for each other are told apart.</summary>
public sealed record AlikeNote(string One, string Other, bool BySound, string TellApart);

/// <summary>What is known of teaching each part, written by hand and shipped; a school's own line takes the place of ours.</summary>
public sealed class TeachingNotes
{
    private const string AnyCapital = "^capital";

    private readonly Dictionary<string, SoundNote> _sounds;
    private readonly Dictionary<string, LetterNote> _letters;
    private readonly Dictionary<string, PartNote> _parts;
    private readonly List<AlikeNote> _alike;

    private TeachingNotes(IEnumerable<SoundNote> sounds, IEnumerable<LetterNote> letters, IEnumerable<PartNote> parts, IEnumerable<AlikeNote> alike) =>
        (_sounds, _letters, _parts, _alike) = (
            sounds.ToDictionary(x => x.Sound), letters.ToDictionary(x => x.Letter), parts.ToDictionary(x => x.Part), [.. alike]);

    public IEnumerable<SoundNote> Sounds => _sounds.Values;

    public IEnumerable<LetterNote> Letters => _letters.Values;

    public IEnumerable<PartNote> Parts => _parts.Values;

    public IEnumerable<AlikeNote> Alike => _alike;

    /// <summary>Reads the four files of data/notes: a line each, columns apart by tabs, <c>#</c> and a space for a note.</summary>
    /// <exception cref="FormatException">A line has too few columns, or a key stands twice.</exception>
    public static TeachingNotes Parse(string sounds, string letters, string parts, string alike) => new(
        Lines("sounds", sounds, 6).Select(x => new SoundNote(x[0], x[1], x[2], x[3], x[4], x[5])),
        Lines("letters", letters, 4).Select(x => new LetterNote(x[0], x[1], x[2], x[3].Split(' ', StringSplitOptions.RemoveEmptyEntries))),
        Lines("points", parts, 3).Select(x => new PartNote(x[0], x[1], x[2])),
        Lines("alike", alike, 4).Select(x => new AlikeNote(x[1], x[2], x[0] == "sound", x[3])));

    /// <summary>The sound's note as it is said in the accent; null for two sounds in one that are rarely met so.</summary>
    public SoundNote? Of(Sound sound, Accent accent) => _sounds.GetValueOrDefault($"{sound.Key}@{accent.Id}") ?? _sounds.GetValueOrDefault(sound.Key);

    /// <summary>How the letters are written, small; null for more than one letter.</summary>
    public LetterNote? Of(Grapheme grapheme) => _letters.GetValueOrDefault(grapheme.Text);

    /// <summary>How the letter of a capital is written.</summary>
    public LetterNote? OfCapital(Teachable capital) => _letters.GetValueOrDefault(capital.Key.ToLowerInvariant());

    /// <summary>What is said of a part; one line goes for every capital.</summary>
    public PartNote? Of(Teachable part) => _parts.GetValueOrDefault(part.Kind == TeachableKind.Capital ? AnyCapital : part.Code);

    /// <summary>How two letters, or two sounds by their keys, are told apart; null when nothing is written.</summary>
    public string? TellApart(string one, string other, bool bySound) =>
        _alike.Find(x => x.BySound == bySound && ((x.One == one && x.Other == other) || (x.One == other && x.Other == one)))?.TellApart;

    private static IEnumerable<string[]> Lines(string file, string text, int columns)
    {
        var keys = new HashSet<string>();
        foreach (var line in text.ReplaceLineEndings("\n").Split('\n').Where(x => x.Length > 0 && !x.StartsWith("# ", StringComparison.Ordinal)))
        {
            var parts = line.Split('\t');
            if (parts.Length != columns || !keys.Add(file == "alike" ? line : parts[0]))
            {
                throw new FormatException($"notes, {file}: '{parts[0]}' needs {columns} columns, and stands once");
            }

            yield return parts;
        }
    }
}

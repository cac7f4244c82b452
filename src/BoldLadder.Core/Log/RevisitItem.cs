using System.Diagnostics.CodeAnalysis;
using BoldLadder.Core.Sounds;

namespace BoldLadder.Core.Log;

/// <summary>The three things tracked apart, since one is not practice for another.</summary>
public enum RevisitTrack
{
    /// <summary>A correspondence: see it, say it.</summary>
    Card,

    /// <summary>A sound: hear it, write every spelling taught.</summary>
    Recall,

    /// <summary>A tricky word, read at sight.</summary>
    Tricky,
}

/// <summary>One thing to come back to, written <c>card sh:sh</c>, <c>recall k</c> or <c>tricky was</c>.</summary>
public readonly record struct RevisitItem(RevisitTrack Track, string Key)
{
    private const int LongestWord = 40;

    /// <summary>Reads the written form; false when it is not one, its key included.</summary>
    public static bool TryParse([NotNullWhen(true)] string? text, out RevisitItem item)
    {
        item = default;
        var space = text?.IndexOf(' ') ?? -1;
        if (space < 1 || space == text!.Length - 1
            || !Enum.TryParse<RevisitTrack>(text[..space], true, out var track) || !Enum.IsDefined(track) || char.IsAsciiDigit(text[0]))
        {
            return false;
        }

        item = new RevisitItem(track, text[(space + 1)..]);
        return item.IsSound;
    }

    // What a lesson could have held: anything else can't be written to a log.
    private bool IsSound => Track switch
    {
        RevisitTrack.Card => Correspondence.TryParse(Key, out _, out _),
        RevisitTrack.Recall => Sound.TryParse(Key, out _, out _),
        _ => Key.Length <= LongestWord && Key.All(x => char.IsAsciiLetterLower(x) || x is '\'' or '-') && Key.Any(char.IsAsciiLetterLower),
    };

    public override string ToString() => $"{Track.ToString().ToLowerInvariant()} {Key}";
}

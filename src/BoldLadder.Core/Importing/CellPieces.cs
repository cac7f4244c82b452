using static BoldLadder.Core.Importing.PartPatterns;

namespace BoldLadder.Core.Importing;

/// <summary>The pieces of a cell that holds several parts: <i>sh, ch; th</i>, <i>ss/ll/ff</i>, <i>b and d</i>.</summary>
internal static class CellPieces
{
    /// <summary>Commas and the like divide, but not inside brackets; a slash does, but not around a sound. Joined are those that a slash or a plus holds together.</summary>
    public static List<(string Text, bool Joined)> Of(string text)
    {
        var pieces = new List<(string Text, bool Joined)>();
        var (depth, from, joined) = (0, 0, false);
        for (var i = 0; i < text.Length; i++)
        {
            depth += text[i] is '(' or '[' ? 1 : text[i] is ')' or ']' ? -1 : 0;
            if (depth <= 0 && And.Match(text, i) is { Success: true } and && and.Index == i)
            {
                pieces.Add((text[from..i], joined));
                (from, joined) = (i + and.Length, true);
                i = from - 1;
                continue;
            }

            var divides = depth <= 0 && (text[i] is ',' or ';' or '+' or '&' or '|' or '•' or '\n' || Slash(text, i));
            if (divides)
            {
                pieces.Add((text[from..i], joined));
                (from, joined) = (i + 1, text[i] is '/' or '+' or '&');
            }
        }

        pieces.Add((text[from..], joined));
        return [.. pieces.Select(x => (Text: x.Text.Trim(), x.Joined)).Where(x => x.Text.Length > 0)];
    }

    private static bool Slash(string text, int at)
    {
        if (text[at] != '/')
        {
            return false;
        }

        return !Sounded.Matches(text).Any(x => x.Index <= at && at < x.Index + x.Length);
    }
}

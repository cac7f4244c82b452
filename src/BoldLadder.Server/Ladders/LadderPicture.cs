using System.Globalization;
using System.Text;
using System.Xml.Linq;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;

namespace BoldLadder.Server.Ladders;

/// <summary>
/// A ladder as one picture for the wall: section after section from the top, each rung a box with its number, what it adds
/// and a word that carries it. Drawn as small as it has to be to fit one upright page.
/// </summary>
internal static class LadderPicture
{
    private const double Wide = 744, High = 1060, Gap = 6;
    private const string Ink = "#15213a", Soft = "#52586a", Edge = "#b9b3a2";

    private static readonly XNamespace Svg = "http://www.w3.org/2000/svg";

    /// <param name="unlocking">Of the ladder, for the words; see <see cref="TargetWords"/>.</param>
    public static byte[] Draw(Ladder ladder, Unlocking unlocking)
    {
        var boxes = ladder.Rungs.Select((x, i) => BoxOf(x, i, unlocking)).ToList();
        var scale = 1.3;
        while (Laid(ladder, boxes, scale).Height > High && scale > 0.35)
        {
            scale -= 0.05;
        }

        var (drawn, height) = Laid(ladder, boxes, scale);
        var root = new XElement(
            Svg + "svg", new XAttribute("viewBox", $"0 0 {Number(Wide)} {Number(height)}"), new XAttribute("font-family", "Andika, sans-serif"), new XAttribute("fill", Ink),
            new XElement(Svg + "title", ladder.Name), drawn);
        return Encoding.UTF8.GetBytes(new XDocument(root).ToString());
    }

    private sealed record Box(int Number, bool Letters, IReadOnlyList<string> Lines, string Word);

    private static Box BoxOf(Rung rung, int place, Unlocking unlocking)
    {
        var letters = rung.Correspondences.Count > 0;
        var label = rung.Label.Replace('_', '–');
        var word = rung.Keyword.Length > 0 ? rung.Keyword : rung.AddsParts ? TargetWords.At(unlocking, place) is [var first, ..] ? first.Spelling : "" : "";
        return new Box(place + 1, letters, letters ? [label.Replace(",", "")] : Lines(label), word);
    }

    // Tricky words and descriptions stand in two lines or three, about as wide as high.
    private static List<string> Lines(string label)
    {
        var lines = new List<string>();
        foreach (var word in label.Split(' '))
        {
            if (lines.Count > 0 && lines[^1].Length + word.Length < 14)
            {
                lines[^1] += $" {word}";
            }
            else
            {
                lines.Add(word);
            }
        }

        return lines;
    }

    private static (List<XElement> Drawn, double Height) Laid(Ladder ladder, IReadOnlyList<Box> boxes, double scale)
    {
        var drawn = new List<XElement> { Text(0, 26, 24, ladder.Name, weight: 700) };
        var (y, next, gap) = (40.0, 0, Gap * scale);
        foreach (var section in ladder.Sections)
        {
            y += 12 * scale;
            drawn.Add(Text(0, y + (8 * scale), 13 * scale, section.Name, weight: 700));
            y += 14 * scale;
            var x = 0.0;
            var height = 62 * scale;
            foreach (var _ in section.Rungs)
            {
                var box = boxes[next++];
                var width = Width(box) * scale;
                if (x > 0 && x + width > Wide)
                {
                    (x, y) = (0, y + height + gap);
                }

                drawn.AddRange(Drawn(box, x, y, width, height, scale));
                x += width + gap;
            }

            y += height + gap;
        }

        return (drawn, y);
    }

    // Letters are about half as wide as they are high.
    private static double Width(Box box) => Math.Max(
        box.Lines.Max(x => x.Length) * (box.Letters ? 15 : 7.2), Math.Max(box.Word.Length * 6.2, 34)) + 16;

    private static IEnumerable<XElement> Drawn(Box box, double x, double y, double width, double height, double scale)
    {
        yield return new XElement(
            Svg + "rect", new XAttribute("x", Number(x)), new XAttribute("y", Number(y)), new XAttribute("width", Number(width)), new XAttribute("height", Number(height)),
            new XAttribute("rx", Number(4 * scale)), new XAttribute("fill", "none"), new XAttribute("stroke", Edge));
        yield return Text(x + (4 * scale), y + (11 * scale), 9 * scale, box.Number.ToString(CultureInfo.InvariantCulture), Soft);
        // Several lines over a word stand closer and higher.
        var tight = box.Word.Length > 0 && box.Lines.Count > 1;
        var size = (box.Letters ? 27 : box.Lines.Count > 2 ? 10.5 : 12.5) * scale;
        var middle = x + (width / 2);
        var first = y + (box.Letters ? 38 * scale : ((tight ? 30 : 36) * scale) - ((box.Lines.Count - 1) * size * 0.6));
        for (var i = 0; i < box.Lines.Count; i++)
        {
            yield return Text(middle, first + (i * size * 1.2), size, box.Lines[i], anchor: "middle");
        }

        if (box.Word.Length > 0)
        {
            yield return Text(middle, y + height - (6 * scale), 11 * scale, box.Word, Soft, anchor: "middle");
        }
    }

    private static XElement Text(double x, double y, double size, string text, string? fill = null, int? weight = null, string? anchor = null) => new(
        Svg + "text", new XAttribute("x", Number(x)), new XAttribute("y", Number(y)), new XAttribute("font-size", Number(size)),
        fill is null ? null : new XAttribute("fill", fill), weight is null ? null : new XAttribute("font-weight", weight), anchor is null ? null : new XAttribute("text-anchor", anchor), text);

    private static string Number(double x) => Math.Round(x, 1).ToString(CultureInfo.InvariantCulture);
}

using BoldLadder.Core.Choosing;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Lessons;

/// <summary>The picture that stands beside what is new: of the school's own keyword, or of a word that begins with it where there is no keyword.</summary>
public static class KeywordPicture
{
    /// <summary>The picture of a card that is met; null where the keyword has none, or no word is plain enough.</summary>
    /// <param name="card">A card of the lesson's meeting of what is new.</param>
    public static PictureWord? Of(Lesson lesson, LessonItem card, WordStock stock)
    {
        if (card.Kind != ItemKind.Card || !Correspondence.TryParse(card.Split, out var part, out _))
        {
            return null;
        }

        var isFirst = lesson.Blocks.FirstOrDefault(x => x.Activity == Activity.Meet) is { Items: [var first, ..] } && first.Id == card.Id;
        return isFirst && lesson.Teaching.Keyword.Length > 0 ? stock.Pictures.Find(lesson.Teaching.Keyword) : Plainest(part, stock);
    }

    // Heard at once where it comes first, and sure to be called so; a letter that says something else in the word as well is no help.
    private static PictureWord? Plainest(Correspondence part, WordStock stock) => stock.Pictures.All
        .Select(x => (Picture: x, Word: stock.Words.FindWord(x.Word))).Where(x => x.Word is { Everyday: true } && stock.IsPlain(x.Picture.Word))
        .Select(x => (x.Picture, x.Word, Reading: stock.Words.Of(x.Word!).Readings[0]))
        .Where(x => x.Reading.Segments.Any(s => s.Correspondence == part) && x.Reading.Segments.All(s => s.Correspondence == part || s.Correspondence.Grapheme != part.Grapheme))
        .OrderBy(x => x.Reading.Segments[0].Correspondence == part ? 0 : 1).ThenBy(x => x.Picture.Also.Count > 0)
        .ThenBy(x => Structure.Of(x.Reading).Syllables).ThenBy(x => x.Word!.Rank).Select(x => x.Picture).FirstOrDefault();
}

namespace BoldLadder.Core.Lessons;

/// <summary>A named change to a lesson, with its inverse.</summary>
public abstract record LessonEdit
{
    /// <summary>What was done, for the undo button: <c>swapped ship</c>.</summary>
    public abstract string NameOn(Lesson before);

    /// <summary>The changed lesson and the edit that takes it back, or a sentence that says why not.</summary>
    public abstract LessonEditResult Apply(Lesson lesson);

    private protected static LessonEditResult Gone(string itemId) =>
        new(null, null, $"Item {itemId} is no longer in the lesson. Load the page again to see it as it is now.");

    private protected static Lesson WithBlock(Lesson lesson, int block, Func<List<LessonItem>, List<LessonItem>> change) =>
        lesson with { Blocks = [.. lesson.Blocks.Select((x, i) => i == block ? x with { Items = change([.. x.Items]) } : x)] };

    private protected static (int Block, int At)? Where(Lesson lesson, string itemId)
    {
        for (var block = 0; block < lesson.Blocks.Count; block++)
        {
            for (var at = 0; at < lesson.Blocks[block].Items.Count; at++)
            {
                if (lesson.Blocks[block].Items[at].Id == itemId)
                {
                    return (block, at);
                }
            }
        }

        return null;
    }
}

/// <summary>The outcome of an edit: a lesson and its inverse, or the problem.</summary>
public readonly record struct LessonEditResult(Lesson? Lesson, LessonEdit? Inverse, string? Problem);

/// <summary>Puts another item in an item's place: swapped, typed over, locked or unlocked.</summary>
public sealed record ReplaceItem(LessonItem Item) : LessonEdit
{
    public override string NameOn(Lesson before) => before.Find(Item.Id) switch
    {
        { } old when old.Text != Item.Text => $"changed {old.Text} to {Item.Text}",
        { Locked: false } when Item.Locked => $"locked {Item.Text}",
        { Locked: true } when !Item.Locked => $"unlocked {Item.Text}",
        _ => $"changed {Item.Text}",
    };

    public override LessonEditResult Apply(Lesson lesson) => Where(lesson, Item.Id) is not { } at
        ? Gone(Item.Id)
        : new LessonEditResult(
            WithBlock(lesson, at.Block, x => [.. x.Select(i => i.Id == Item.Id ? Item : i)]),
            new ReplaceItem(lesson.Blocks[at.Block].Items[at.At]), null);
}

/// <summary>Takes an item out.</summary>
public sealed record RemoveItem(string ItemId) : LessonEdit
{
    public override string NameOn(Lesson before) => $"dropped {before.Find(ItemId)?.Text}";

    public override LessonEditResult Apply(Lesson lesson) => Where(lesson, ItemId) is not { } at
        ? Gone(ItemId)
        : new LessonEditResult(
            WithBlock(lesson, at.Block, x => [.. x.Where(i => i.Id != ItemId)]),
            new InsertItem(at.Block, at.At, lesson.Blocks[at.Block].Items[at.At]), null);
}

/// <summary>Puts an item into a block.</summary>
/// <param name="Block">Zero-based number of the block.</param>
/// <param name="At">Zero-based place in it.</param>
public sealed record InsertItem(int Block, int At, LessonItem Item) : LessonEdit
{
    /// <summary>More items than any block can use.</summary>
    public const int MostItems = 60;

    public override string NameOn(Lesson before) => $"added {Item.Text}";

    public override LessonEditResult Apply(Lesson lesson)
    {
        if (Block < 0 || Block >= lesson.Blocks.Count || At < 0 || At > lesson.Blocks[Block].Items.Count)
        {
            return new LessonEditResult(null, null, "There is no such place in the lesson.");
        }

        if (lesson.Blocks[Block].Items.Count >= MostItems)
        {
            return new LessonEditResult(null, null, $"A block holds at most {MostItems} items.");
        }

        return lesson.Find(Item.Id) is not null
            ? new LessonEditResult(null, null, "The item is already in the lesson.")
            : new LessonEditResult(
                WithBlock(lesson, Block, x => [.. x.Take(At), Item, .. x.Skip(At)]), new RemoveItem(Item.Id), null);
    }
}

/// <summary>Puts a whole lesson in place of another of the same day: planned again, or made shorter.</summary>
public sealed record ReplaceLesson(Lesson Lesson, string Name) : LessonEdit
{
    public override string NameOn(Lesson before) => Name;

    public override LessonEditResult Apply(Lesson lesson) => new(Lesson, new ReplaceLesson(lesson, Name), null);
}

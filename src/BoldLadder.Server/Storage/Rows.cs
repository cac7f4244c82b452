namespace BoldLadder.Server.Storage;

/// <summary>A row that belongs to a school; the key of every table begins with it.</summary>
public interface ISchoolRow
{
    Guid SchoolId { get; }
}

public sealed class SchoolRow
{
    public Guid Id { get; init; }

    public required string Name { get; set; }

    /// <summary>An accent id such as <c>gb-south</c>.</summary>
    public required string Accent { get; set; }

    /// <summary>A <see cref="ConventionsDocument"/>: what the school does otherwise than what ships; null for nothing.</summary>
    public string? Conventions { get; set; }

    /// <summary>A <see cref="YearDocument"/>.</summary>
    public required string Year { get; set; }

    /// <summary>The school's own list of what needs what, a line each; null for the shipped one.</summary>
    public string? Needs { get; set; }

    /// <summary>An <see cref="ImportsDocument"/>: what was answered when sheets were brought in; null for nothing.</summary>
    public string? Imports { get; set; }

    /// <summary>Grows with every change of the settings, the needs or the year; a save made on an older one is refused.</summary>
    public int Revision { get; set; }

    /// <summary>Grows with every change of the school's own words; a lesson says which it was made with.</summary>
    public int WordsRevision { get; set; }

    /// <summary>See <see cref="GroupRow.Version"/>.</summary>
    public uint Version { get; init; }
}

public sealed class GroupRow : ISchoolRow
{
    public Guid SchoolId { get; init; }

    public Guid Id { get; init; }

    public required string Name { get; set; }

    public Guid LadderId { get; set; }

    /// <summary>Place in the list of groups.</summary>
    public int Position { get; set; }

    /// <summary>The group that is taught in the same room by the same adult, which says the same of this one; null for none.</summary>
    public Guid? RoomWith { get; set; }

    /// <summary>Put away: kept with all that it was taught, and shown no more among the groups.</summary>
    public bool Archived { get; set; }

    /// <summary>A <see cref="ConventionsDocument"/>: what the group does otherwise than its school; null for nothing.</summary>
    public string? Conventions { get; set; }

    /// <summary>A <see cref="PlanDocument"/>: what is otherwise for the group in the school's year; null for nothing.</summary>
    public string? Plan { get; set; }

    /// <summary>The part of the address of the group's calendar that nobody can guess; null until somebody asks for it.</summary>
    public string? FeedToken { get; set; }

    /// <summary>Grows with every change of the group's settings.</summary>
    public int Revision { get; set; }

    /// <summary>
    /// The database's own mark of the transaction that wrote the row (xmin): what is kept of a row in a process goes by
    /// it, since a revision comes again when a backup is put back.
    /// </summary>
    public uint Version { get; init; }
}

/// <summary>The working copy of a ladder; lessons follow its last published revision.</summary>
public sealed class LadderRow : ISchoolRow
{
    public Guid SchoolId { get; init; }

    public Guid Id { get; init; }

    /// <summary>A <see cref="LadderDocument"/>.</summary>
    public required string Draft { get; set; }

    /// <summary>Grows with every edit; a save made on an older one is refused.</summary>
    public int DraftRevision { get; set; }

    /// <summary>The revision of the draft that was published and is in use.</summary>
    public int Published { get; set; }

    /// <summary>What is asked of its order; null for nothing.</summary>
    public string? Wishes { get; set; }

    /// <summary>See <see cref="GroupRow.Version"/>.</summary>
    public uint Version { get; init; }
}

/// <summary>A published ladder: written once, never changed.</summary>
public sealed class LadderRevisionRow : ISchoolRow
{
    public Guid SchoolId { get; init; }

    public Guid LadderId { get; init; }

    /// <summary>The revision that the draft had when it was published.</summary>
    public int Number { get; init; }

    public required string Document { get; init; }

    /// <summary>The school's day on which it was published; null for those from before days were kept.</summary>
    public DateOnly? PublishedOn { get; init; }

    /// <summary>See <see cref="GroupRow.Version"/>.</summary>
    public uint Version { get; init; }
}

public sealed class LadderEditRow : ISchoolRow
{
    public Guid SchoolId { get; init; }

    public Guid LadderId { get; init; }

    public int Number { get; init; }

    /// <summary>What was done, for the undo button.</summary>
    public required string Name { get; init; }

    /// <summary>A <see cref="LadderEditDocument"/> that takes it back.</summary>
    public required string Inverse { get; set; }

    public bool Undone { get; set; }

    /// <summary>For one taken back, what does it again; null when it is not known, or something else was done since.</summary>
    public string? Forward { get; set; }
}

public sealed class LessonRow : ISchoolRow
{
    public Guid SchoolId { get; init; }

    public Guid Id { get; init; }

    public Guid GroupId { get; init; }

    public DateOnly Day { get; init; }

    /// <summary>Lessons of one day are numbered from 1.</summary>
    public int Slot { get; init; }

    /// <summary>A <see cref="LessonDocument"/>.</summary>
    public required string Document { get; set; }

    /// <summary>Grows with every change, ours too; a save made on an older one is refused.</summary>
    public int Revision { get; set; }

    /// <summary>A person has changed it: it is not made again by itself.</summary>
    public bool Touched { get; set; }

    public Guid LadderId { get; set; }

    public int LadderRevision { get; set; }

    /// <summary>What it was made from, as <see cref="Core.Lessons.LessonInputs.Fingerprint"/>.</summary>
    public required string MadeFrom { get; set; }

    /// <summary>See <see cref="GroupRow.Version"/>.</summary>
    public uint Version { get; init; }

    /// <summary><c>taught</c>, <c>partly</c> or <c>missed</c>; null until it is said.</summary>
    public string? Outcome { get; set; }
}

public sealed class LessonEditRow : ISchoolRow
{
    public Guid SchoolId { get; init; }

    public Guid LessonId { get; init; }

    public int Number { get; init; }

    public required string Name { get; init; }

    /// <summary>A <see cref="LessonEditDocument"/> that takes it back.</summary>
    public required string Inverse { get; init; }

    public bool Undone { get; set; }
}

/// <summary>One line of a group's log: added, never changed; the application may not do otherwise.</summary>
public sealed class LogRow : ISchoolRow
{
    public Guid SchoolId { get; init; }

    public Guid GroupId { get; init; }

    public long Position { get; init; }

    public Guid LessonId { get; init; }

    public DateOnly Day { get; init; }

    public required string Outcome { get; init; }

    /// <summary>A <see cref="LogDocument"/>.</summary>
    public required string Document { get; init; }

    /// <summary>See <see cref="GroupRow.Version"/>.</summary>
    public uint Version { get; init; }
}

/// <summary>A sentence of a school's own, which its lessons choose from.</summary>
public sealed class OwnSentenceRow : ISchoolRow
{
    public Guid SchoolId { get; init; }

    public Guid Id { get; init; }

    public required string Text { get; init; }
}

/// <summary>A school's own word in one accent: a split put right, or a word that the lexicon does not hold.</summary>
public sealed class OwnWordRow : ISchoolRow
{
    public Guid SchoolId { get; init; }

    public required string Accent { get; init; }

    public required string Word { get; init; }

    /// <summary>With a capital where the school writes one.</summary>
    public required string Spelling { get; set; }

    /// <summary>The readings as written, joined by <c>|</c>: <c>sh:sh i:i p:p</c>.</summary>
    public required string Split { get; set; }

    /// <summary><c>4-5</c>, <c>6-7</c>, <c>later</c>, or empty for the lexicon's.</summary>
    public required string Familiarity { get; set; }

    /// <summary>The line that gives the word its meaning; empty for the shipped one.</summary>
    public required string Spoken { get; set; }
}

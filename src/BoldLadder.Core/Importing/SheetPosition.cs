namespace BoldLadder.Core.Importing;

/// <summary>Where the reading of a sheet stands: under which section and week, and what its row says of the day.</summary>
internal sealed class SheetPosition
{
    public string Section { get; private set; } = "";

    // What the row, or a heading above it, is called, without the heading of a column.
    private string _row = "";

    // The year that a column names, where others follow in it: each has its own autumn.
    private string _year = "";

    public string Week { get; set; } = "";

    /// <summary>The sound that the section's heading names for all below it; empty for none.</summary>
    public string HeadingSound { get; private set; } = "";

    /// <summary>The week that the row itself names; empty when it stands under one named before.</summary>
    public string OwnWeek { get; set; } = "";

    /// <summary>The row is one day, not a whole week.</summary>
    public bool DayGiven { get; set; }

    public DateOnly? Date { get; set; }

    public void NextRow() => (OwnWeek, DayGiven, Date) = ("", false, null);

    /// <summary>A heading was met: a section, and with it a sound where it names one.</summary>
    public void Enter(string text)
    {
        Section = _row = text;
        HeadingSound = SoundNames.Find(text.Split(' ')[0], "").Any() && text.StartsWith('/') ? text.Split(' ')[0]
            : text.Length < 24 && (text.StartsWith("long ", StringComparison.OrdinalIgnoreCase) || text.StartsWith("short ", StringComparison.OrdinalIgnoreCase)) && SoundNames.Find(text.ToLowerInvariant().Replace(" sound", "", StringComparison.Ordinal), "").Any()
                ? text.ToLowerInvariant().Replace(" sound", "", StringComparison.Ordinal) : "";
    }

    /// <summary>A column that is a term was met in a row that is a year (<i>Year 1 Spring</i>), or one that is a week in a row that is a term.</summary>
    /// <param name="heading">What stands over the column; nothing follows of one that is neither.</param>
    public void Under(string heading)
    {
        if (SheetWords.IsWeek(heading))
        {
            OwnWeek = Week = heading;
        }
        else if (SheetWords.NamesTerm(heading))
        {
            var row = _row;
            Enter(row.Length == 0 ? heading : $"{row} {heading}");
            _row = row;
        }
    }

    /// <summary>A new rung that stands here.</summary>
    public WrittenRung Begin(List<WrittenRung> made, Source? source = null)
    {
        var rung = new WrittenRung(Section, Week, Date) { Sound = HeadingSound, IsDay = DayGiven };
        if (source is not null)
        {
            rung.Sources.Add(source);
        }

        made.Add(rung);
        return rung;
    }

    /// <summary>True for a column that says when something is taught, or where.</summary>
    public static bool IsLabelled(ColumnRole role) => role is ColumnRole.Section or ColumnRole.Week or ColumnRole.Day or ColumnRole.Days or ColumnRole.Date;

    /// <summary>True for what says when or where something is taught, and not what.</summary>
    public static bool IsLabel(SheetLayout.PlacedCell x, SheetLayout layout) =>
        IsLabelled(layout.RoleAt(x.Column)) || layout.RoleAt(x.Column) == ColumnRole.LeftOut || SheetWords.IsWeek(x.Text) || SheetWords.IsOrdinal(x.Text)
        || SheetWords.WeekdayOf(x.Text) > 0 || SheetDates.IsDate(x.Text);

    /// <summary>Takes in what a row says of its week, date, day and section.</summary>
    public void Take(IReadOnlyList<SheetLayout.PlacedCell> row, SheetLayout layout)
    {
        foreach (var cell in row)
        {
            var role = layout.RoleAt(cell.Column);
            if (SheetWords.IsWeek(cell.Text) || (role == ColumnRole.Week && SheetWords.IsOrdinal(cell.Text)))
            {
                OwnWeek = Week = SheetWords.IsWeek(cell.Text) ? cell.Text.Trim() : $"Week {cell.Text.Trim()}";
                Date = layout.Dates.In(cell.Text, role) ?? Date;
            }
            else if (role is ColumnRole.Date or ColumnRole.Week or ColumnRole.Day && layout.Dates.In(cell.Text, role) is { } date)
            {
                Date = date;
                OwnWeek = role == ColumnRole.Week || layout.IsOfWeeks(cell.Column) ? cell.Text : OwnWeek;
            }
            else if (role == ColumnRole.Section && !SheetWords.IsHoliday(cell.Text) && LessonWords.LessonOf(cell.Text) is null)
            {
                var heading = layout.HeadingAt(cell.Column);
                var named = SheetWords.IsOrdinal(cell.Text) && heading.Length > 0 ? $"{heading.Trim()} {cell.Text.Trim()}" : cell.Text.Trim();
                if (layout.HasYears(cell.Column))
                {
                    _year = named;
                }
                else if (_year.Length > 0 && SheetWords.NamesTerm(named))
                {
                    named = $"{_year} {named}";
                }

                if (named != _row)
                {
                    Enter(named);
                }
            }
            else if (role == ColumnRole.Day || SheetWords.WeekdayOf(cell.Text) > 0)
            {
                DayGiven = true;
            }
        }
    }
}

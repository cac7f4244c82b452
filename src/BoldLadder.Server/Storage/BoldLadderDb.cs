using BoldLadder.Core.Choosing;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Storage;

/// <summary>
/// The database, seen from one school. Reading any school's rows without a school chosen throws;
/// row-level security is the second lock.
/// </summary>
public sealed class BoldLadderDb(DbContextOptions<BoldLadderDb> options, SchoolScope scope) : DbContext(options)
{
    private const int NameLength = 100;

    public DbSet<SchoolRow> Schools => Set<SchoolRow>();

    public DbSet<GroupRow> Groups => Set<GroupRow>();

    public DbSet<LadderRow> Ladders => Set<LadderRow>();

    public DbSet<LadderRevisionRow> LadderRevisions => Set<LadderRevisionRow>();

    public DbSet<LadderEditRow> LadderEdits => Set<LadderEditRow>();

    public DbSet<LessonRow> Lessons => Set<LessonRow>();

    public DbSet<LessonEditRow> LessonEdits => Set<LessonEditRow>();

    public DbSet<LogRow> Log => Set<LogRow>();

    public DbSet<OwnWordRow> OwnWords => Set<OwnWordRow>();

    public DbSet<OwnSentenceRow> OwnSentences => Set<OwnSentenceRow>();

    /// <summary>The school that is seen, if one was chosen.</summary>
    internal Guid? ChosenSchool => scope.Chosen;

    private Guid School => scope.School;

    public override Task<int> SaveChangesAsync(bool acceptAllChangesOnSuccess, CancellationToken cancellationToken = default)
    {
        foreach (var entry in ChangeTracker.Entries<ISchoolRow>())
        {
            if (entry.Entity.SchoolId != School)
            {
                throw new InvalidOperationException("a row of another school can't be saved here");
            }
        }

        return base.SaveChangesAsync(acceptAllChangesOnSuccess, cancellationToken);
    }

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<SchoolRow>(x =>
        {
            x.ToTable("schools");
            x.HasKey(r => r.Id);
            x.Property(r => r.Name).HasMaxLength(NameLength);
            x.Property(r => r.Accent).HasMaxLength(20);
            x.Property(r => r.Conventions).HasColumnType("jsonb");
            x.Property(r => r.Imports).HasColumnType("jsonb");
            x.Property(r => r.Revision).IsConcurrencyToken();
            Versioned(x.Property(r => r.Version));
            x.Property(r => r.Year).HasColumnType("jsonb");
        });
        modelBuilder.Entity<LadderRow>(x =>
        {
            x.ToTable("ladders");
            x.HasKey(r => new { r.SchoolId, r.Id });
            x.HasOne<SchoolRow>().WithMany().HasForeignKey(r => r.SchoolId);
            x.Property(r => r.Draft).HasColumnType("jsonb");
            x.Property(r => r.Wishes).HasColumnType("jsonb");
            x.Property(r => r.DraftRevision).IsConcurrencyToken();
            Versioned(x.Property(r => r.Version));
        });
        modelBuilder.Entity<LadderRevisionRow>(x =>
        {
            x.ToTable("ladder_revisions");
            x.HasKey(r => new { r.SchoolId, r.LadderId, r.Number });
            x.HasOne<LadderRow>().WithMany().HasForeignKey(r => new { r.SchoolId, r.LadderId });
            x.Property(r => r.Document).HasColumnType("jsonb");
            Versioned(x.Property(r => r.Version));
        });
        modelBuilder.Entity<LadderEditRow>(x =>
        {
            x.ToTable("ladder_edits");
            x.HasKey(r => new { r.SchoolId, r.LadderId, r.Number });
            x.HasOne<LadderRow>().WithMany().HasForeignKey(r => new { r.SchoolId, r.LadderId });
            x.Property(r => r.Inverse).HasColumnType("jsonb");
            x.Property(r => r.Forward).HasColumnType("jsonb");
        });
        modelBuilder.Entity<GroupRow>(x =>
        {
            x.ToTable("groups");
            x.HasKey(r => new { r.SchoolId, r.Id });
            x.HasOne<LadderRow>().WithMany().HasForeignKey(r => new { r.SchoolId, r.LadderId });
            x.Property(r => r.Name).HasMaxLength(NameLength);
            x.Property(r => r.Conventions).HasColumnType("jsonb");
            x.Property(r => r.Plan).HasColumnType("jsonb");
            x.Property(r => r.FeedToken).HasMaxLength(64);
            x.Property(r => r.Revision).IsConcurrencyToken();
            Versioned(x.Property(r => r.Version));
        });
        modelBuilder.Entity<LessonRow>(x =>
        {
            x.ToTable("lessons", t =>
            {
                t.HasCheckConstraint("ck_lessons_slot", "slot between 1 and 9");
                t.HasCheckConstraint("ck_lessons_outcome", "outcome in ('taught', 'partly', 'missed')");
            });
            x.HasKey(r => new { r.SchoolId, r.Id });
            x.HasIndex(r => new { r.SchoolId, r.GroupId, r.Day, r.Slot }).IsUnique();
            x.HasOne<GroupRow>().WithMany().HasForeignKey(r => new { r.SchoolId, r.GroupId });
            x.HasOne<LadderRevisionRow>().WithMany().HasForeignKey(r => new { r.SchoolId, r.LadderId, r.LadderRevision });
            x.Property(r => r.Document).HasColumnType("jsonb");
            x.Property(r => r.Revision).IsConcurrencyToken();
            Versioned(x.Property(r => r.Version));
        });
        modelBuilder.Entity<LessonEditRow>(x =>
        {
            x.ToTable("lesson_edits");
            x.HasKey(r => new { r.SchoolId, r.LessonId, r.Number });
            x.HasOne<LessonRow>().WithMany().HasForeignKey(r => new { r.SchoolId, r.LessonId });
            x.Property(r => r.Inverse).HasColumnType("jsonb");
        });
        modelBuilder.Entity<LogRow>(x =>
        {
            x.ToTable("log", t => t.HasCheckConstraint("ck_log_outcome", "outcome in ('taught', 'partly', 'missed', 'takenBack')"));
            x.HasKey(r => new { r.SchoolId, r.GroupId, r.Position });
            x.HasOne<GroupRow>().WithMany().HasForeignKey(r => new { r.SchoolId, r.GroupId });
            x.Property(r => r.Document).HasColumnType("jsonb");
            Versioned(x.Property(r => r.Version));
        });
        modelBuilder.Entity<OwnWordRow>(x =>
        {
            x.ToTable("own_words");
            x.HasKey(r => new { r.SchoolId, r.Accent, r.Word });
            x.HasOne<SchoolRow>().WithMany().HasForeignKey(r => r.SchoolId);
            x.Property(r => r.Word).HasMaxLength(40);
            x.Property(r => r.Split).HasMaxLength(400);
        });
        modelBuilder.Entity<OwnSentenceRow>(x =>
        {
            x.ToTable("own_sentences");
            x.HasKey(r => new { r.SchoolId, r.Id });
            x.HasIndex(r => new { r.SchoolId, r.Text }).IsUnique();
            x.HasOne<SchoolRow>().WithMany().HasForeignKey(r => r.SchoolId);
            x.Property(r => r.Text).HasMaxLength(OwnSentence.MaxText);
        });
        modelBuilder.Entity<GroupRow>().HasQueryFilter(x => x.SchoolId == School);
        modelBuilder.Entity<LadderRow>().HasQueryFilter(x => x.SchoolId == School);
        modelBuilder.Entity<LadderRevisionRow>().HasQueryFilter(x => x.SchoolId == School);
        modelBuilder.Entity<LadderEditRow>().HasQueryFilter(x => x.SchoolId == School);
        modelBuilder.Entity<LessonRow>().HasQueryFilter(x => x.SchoolId == School);
        modelBuilder.Entity<LessonEditRow>().HasQueryFilter(x => x.SchoolId == School);
        modelBuilder.Entity<LogRow>().HasQueryFilter(x => x.SchoolId == School);
        modelBuilder.Entity<OwnWordRow>().HasQueryFilter(x => x.SchoolId == School);
        modelBuilder.Entity<OwnSentenceRow>().HasQueryFilter(x => x.SchoolId == School);

        // What holds others up is never taken away along with them: a group's log outlives a slip.
        foreach (var key in modelBuilder.Model.GetEntityTypes().SelectMany(x => x.GetForeignKeys()))
        {
            key.DeleteBehavior = DeleteBehavior.Restrict;
        }
    }

    private static void Versioned(Microsoft.EntityFrameworkCore.Metadata.Builders.PropertyBuilder<uint> version) =>
        version.HasColumnName("xmin").HasColumnType("xid").IsRowVersion();
}

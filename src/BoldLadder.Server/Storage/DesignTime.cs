using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;

namespace BoldLadder.Server.Storage;

/// <summary>For the tool that writes migrations; it never connects.</summary>
public sealed class DesignTime : IDesignTimeDbContextFactory<BoldLadderDb>
{
    public BoldLadderDb CreateDbContext(string[] args) => new(
        new DbContextOptionsBuilder<BoldLadderDb>().UseNpgsql("Host=127.0.0.1").UseSnakeCaseNamingConvention().Options, new SchoolScope());
}

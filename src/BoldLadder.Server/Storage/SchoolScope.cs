namespace BoldLadder.Server.Storage;

/// <summary>The school that a request is about, taken from its address before anything is read.</summary>
public sealed class SchoolScope
{
    private Guid? _school;

    /// <exception cref="InvalidOperationException">No school was chosen: nothing may be read or written.</exception>
    public Guid School => _school ?? throw new InvalidOperationException("no school was chosen for this request");

    public Guid? Chosen => _school;

    public void Choose(Guid school) => _school = school;
}

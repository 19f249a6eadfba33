namespace Kamuri.Store.Archives;

/// <summary>A packed file that is read no further than it says it is long: one that unpacks to more is not believed.</summary>
internal sealed class LimitedStream(Stream inner, long most) : Stream
{
    private long _left = most;

    public override bool CanRead => true;
    public override bool CanSeek => false;
    public override bool CanWrite => false;
    public override long Length => throw new NotSupportedException();
    public override long Position
    {
        get => throw new NotSupportedException();
        set => throw new NotSupportedException();
    }

    public override int Read(byte[] buffer, int offset, int count) => Read(buffer.AsSpan(offset, count));

    public override int Read(Span<byte> buffer)
    {
        var read = inner.Read(buffer);
        _left -= read;
        return _left >= 0 ? read : throw new InvalidDataException(ArchiveWords.ItUnpacksToMoreThanIt);
    }

    public override void Flush() { }

    public override long Seek(long offset, SeekOrigin origin) => throw new NotSupportedException();

    public override void SetLength(long value) => throw new NotSupportedException();

    public override void Write(byte[] buffer, int offset, int count) => throw new NotSupportedException();

    protected override void Dispose(bool disposing)
    {
        inner.Dispose();
        base.Dispose(disposing);
    }
}

namespace Kamuri.Browser.Tests.Driving;

/// <summary>A file to hand to the browser, gone afterwards.</summary>
internal sealed class TextFile : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("kamuri-file-").FullName;

    public TextFile(string name, string text)
    {
        Path = System.IO.Path.Combine(_folder, name);
        File.WriteAllText(Path, text);
    }

    public string Path { get; }

    public void Dispose() => Directory.Delete(_folder, recursive: true);
}

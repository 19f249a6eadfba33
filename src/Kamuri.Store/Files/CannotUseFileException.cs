namespace Kamuri.Store.Files;

/// <summary>A household's file or folder cannot be used; the message says why and what to do. Nothing was changed.</summary>
public sealed class CannotUseFileException(string message, Exception? cause = null) : Exception(message, cause);

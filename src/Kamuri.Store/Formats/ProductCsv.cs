using System.Globalization;
using System.Numerics;
using System.Text;
using CsvHelper;
using CsvHelper.Configuration;
using Kamuri.Core.Shelf;
using Kamuri.Core.Units;
using Kamuri.Store.Shelf;

namespace Kamuri.Store.Formats;

/// <summary>One row of a file of products: a product, or what is wrong with the row.</summary>
public sealed record ProductLine(int Line, ProductRow? Product, IReadOnlyList<FormatProblem> Problems);

/// <summary>Products as CSV, described in docs/formats.md.</summary>
public static class ProductCsv
{
    private static readonly string[] Columns =
    [
        "name",
        "role",
        "size_ml",
        "left_ml",
        "price",
        "opened",
        "months_after_opening",
        "essential_oil_percent",
        "label",
    ];

    /// <summary>Most rows one file may have.</summary>
    public const int MostRows = 20_000;

    /// <summary>Writes products, a row each, with a heading.</summary>
    public static string Write(IEnumerable<ProductRow> products)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using var csv = new CsvWriter(text, CultureInfo.InvariantCulture);
        foreach (var column in Columns)
        {
            csv.WriteField(column);
        }

        csv.NextRecord();
        foreach (var product in products)
        {
            csv.WriteField(CsvText.Out(product.Name));
            csv.WriteField(product.Role);
            csv.WriteField(product.SizeMillilitres);
            csv.WriteField(product.LeftMillilitres);
            csv.WriteField(product.Price);
            csv.WriteField(product.Opened?.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture));
            csv.WriteField(product.MonthsAfterOpening);
            csv.WriteField(product.EssentialOilPercent);
            csv.WriteField(CsvText.Out(product.Label));
            csv.NextRecord();
        }

        csv.Flush();
        return text.ToString();
    }

    /// <summary>
    /// The text of a file whatever it was written with: by its mark, as UTF-8 when it is that, and else as Windows-1252, in
    /// which most other tables are written.
    /// </summary>
    public static string Decode(byte[] bytes)
    {
        if (bytes is [0xFF, 0xFE, ..])
        {
            return Encoding.Unicode.GetString(bytes, 2, bytes.Length - 2);
        }

        if (bytes is [0xFE, 0xFF, ..])
        {
            return Encoding.BigEndianUnicode.GetString(bytes, 2, bytes.Length - 2);
        }

        var skip = bytes is [0xEF, 0xBB, 0xBF, ..] ? 3 : 0;
        try
        {
            return new UTF8Encoding(false, throwOnInvalidBytes: true).GetString(bytes, skip, bytes.Length - skip);
        }
        catch (DecoderFallbackException)
        {
            return CodePagesEncodingProvider.Instance.GetEncoding(1252)!.GetString(bytes);
        }
    }

    /// <summary>Reads rows, good and bad. The first line names the columns; comma, semicolon and tab part them.</summary>
    /// <param name="text">The file.</param>
    /// <param name="today">The household's date: nothing was opened after it.</param>
    public static IEnumerable<ProductLine> Read(string text, DateOnly today)
    {
        using var reader = new StringReader(text);
        using var csv = new CsvReader(
            reader,
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                DetectDelimiter = true,
                DetectDelimiterValues = [",", ";", "\t"],
                TrimOptions = TrimOptions.Trim,
                PrepareHeaderForMatch = header => header.Header.Trim().ToLowerInvariant().Replace(' ', '_'),
                MissingFieldFound = null,
                BadDataFound = null,
                IgnoreBlankLines = true,
            }
        );
        if (
            !csv.Read()
            || !csv.ReadHeader()
            || !csv.HeaderRecord!.Any(each => each.Trim().Equals("name", StringComparison.OrdinalIgnoreCase))
        )
        {
            yield return new ProductLine(
                1,
                null,
                [new FormatProblem("line 1", "name", FormatWords.ColumnsNeeded(string.Join(", ", Columns)))]
            );
            yield break;
        }

        var rows = 0;
        while (csv.Read())
        {
            if (++rows > MostRows)
            {
                yield return new ProductLine(
                    csv.Parser.RawRow,
                    null,
                    [new FormatProblem($"line {csv.Parser.RawRow}", "", FormatWords.AtMostRows($"{MostRows}"))]
                );
                yield break;
            }

            yield return Row(csv, today);
        }
    }

    private static ProductLine Row(CsvReader csv, DateOnly today)
    {
        var line = csv.Parser.RawRow;
        var problems = new List<FormatProblem>();
        void Wrong(string field, string message) => problems.Add(new FormatProblem($"line {line}", field, message));
        string? Field(string name) =>
            csv.TryGetField<string>(name, out var text) && !string.IsNullOrWhiteSpace(text) ? CsvText.In(text.Trim()) : null;
        T? Number<T>(string name, T least, T most, string message)
            where T : struct, INumberBase<T>, IComparable<T>
        {
            if (Field(name) is not { } text)
            {
                return null;
            }

            if (
                T.TryParse(
                    text.Replace(',', '.'),
                    NumberStyles.AllowDecimalPoint | NumberStyles.AllowLeadingSign | NumberStyles.AllowExponent,
                    CultureInfo.InvariantCulture,
                    out var number
                )
                && number.CompareTo(least) >= 0
                && number.CompareTo(most) <= 0
            )
            {
                return number;
            }

            Wrong(name, FormatWords.ValueIsWrong(text, message));
            return null;
        }

        var name = Field("name");
        if (name is null or { Length: > 80 })
        {
            Wrong("name", FormatWords.NameNeeded);
        }

        var role = default(ProductRole);
        if (
            Field("role") is not { } word
            || !Enum.TryParse(word.Replace(" ", "", StringComparison.Ordinal).Replace("-", "", StringComparison.Ordinal), true, out role)
            || !Enum.IsDefined(role)
            || char.IsDigit(word[0])
        )
        {
            Wrong("role", FormatWords.OneOf(string.Join(", ", Enum.GetNames<ProductRole>())));
        }

        DateOnly? opened = null;
        if (Field("opened") is { } day)
        {
            if (!DateOnly.TryParseExact(day, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var date))
            {
                Wrong("opened", FormatWords.DayLike(day));
            }
            else if (date > today)
            {
                Wrong("opened", FormatWords.DayInFuture(day));
            }
            else
            {
                opened = date;
            }
        }

        var label = Field("label") ?? "";
        if (label.Length > Core.Shelf.Labels.LabelReader.LongestLabel)
        {
            Wrong("label", FormatWords.LabelTooLong($"{Core.Shelf.Labels.LabelReader.LongestLabel}"));
        }

        var size = Number("size_ml", AmountLimits.SmallestPack, AmountLimits.Most, FormatWords.PackHolds);
        var left = Number("left_ml", 0.0, AmountLimits.Most, FormatWords.LeftIs);
        if (left > size)
        {
            Wrong("left_ml", FormatWords.MoreLeftThanPack);
        }

        var row = new ProductRow
        {
            Name = name ?? "",
            Role = role,
            SizeMillilitres = size,
            LeftMillilitres = left,
            Price = Number("price", 0m, 100_000m, FormatWords.PriceIs),
            Opened = opened,
            MonthsAfterOpening = Number("months_after_opening", 1, 120, FormatWords.MonthsAre),
            EssentialOilPercent = Number("essential_oil_percent", 0.0, 100, FormatWords.OilIs),
            Label = label,
            Version = 1,
        };
        return new ProductLine(line, problems.Count == 0 ? row : null, problems);
    }
}

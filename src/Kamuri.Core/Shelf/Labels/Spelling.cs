using System.Text;

namespace Kamuri.Core.Shelf.Labels;

/// <summary>Makes spellings comparable: case, accents, hyphens and the two ways of English no longer matter.</summary>
internal static class Spelling
{
    public static string Plain(string text)
    {
        var plain = new StringBuilder(text.Length);
        var gap = false;
        foreach (var letter in text.SelectMany(Folded))
        {
            if (!char.IsAsciiLetterOrDigit(letter))
            {
                gap = plain.Length > 0;
                continue;
            }

            if (gap)
            {
                plain.Append(' ');
                gap = false;
            }

            plain.Append(letter);
        }

        return plain.Replace("hydrolyzed", "hydrolysed").Replace("sulphate", "sulfate").Replace("sulphonate", "sulfonate").ToString();
    }

    /// <summary>A letter without case and accent. A table, because a household's machine may know no cultures.</summary>
    private static string Folded(char letter) =>
        char.ToLowerInvariant(letter) switch
        {
            'à' or 'á' or 'â' or 'ã' or 'ä' or 'å' or 'ā' or 'ă' or 'ą' => "a",
            'ç' or 'ć' or 'č' => "c",
            'è' or 'é' or 'ê' or 'ë' or 'ē' or 'ę' or 'ě' => "e",
            'ì' or 'í' or 'î' or 'ï' => "i",
            'ñ' or 'ń' => "n",
            'ò' or 'ó' or 'ô' or 'õ' or 'ö' or 'ø' or 'ō' => "o",
            'ù' or 'ú' or 'û' or 'ü' => "u",
            'ý' or 'ÿ' => "y",
            'ß' => "ss",
            'œ' => "oe",
            'æ' => "ae",
            var plain => plain.ToString(),
        };

    /// <summary>Slips of the pen that are forgiven for a name of this length.</summary>
    public static int Forgiven(int length) =>
        length switch
        {
            < 5 => 0,
            < 8 => 1,
            < 14 => 2,
            _ => 3,
        };
}

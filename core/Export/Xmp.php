<?php

declare(strict_types=1);

namespace Evrent\Core\Export;

use Evrent\Core\Messages\Message;

/**
 * A file that stands beside a photo and says of it what a developing program takes over: its place in the shot, whether it is spoilt (rating -1)
 * or a still to keep (5), and by how many stops it has to be brighter to come level with its neighbours.
 */
final class Xmp
{
    private const SPOILT = -1;
    private const PICK = 5;

    /** What it is called: as the link to its photo, with its own ending. */
    public static function name(Material $material, int $number): string
    {
        return pathinfo($material->linkName($number), PATHINFO_FILENAME) . '.xmp';
    }

    /** @param callable(Message): string $say puts its title into the reader's language */
    public static function of(Material $material, int $number, callable $say): string
    {
        $rating = match (true) {
            in_array($number, $material->spoilt, true) => self::SPOILT,
            in_array($number, $material->picks, true) => self::PICK,
            default => 0,
        };
        $titled = new Message('export.xmp.title', ['title' => $material->schedule->plan->title, 'number' => (string) $number]);
        $title = htmlspecialchars($say($titled), ENT_XML1 | ENT_QUOTES);
        $exposure = isset($material->offsets[$number]) ? sprintf("\n    crs:Exposure2012=\"%+.2F\"", $material->offsets[$number]) : '';

        return <<<XML
            <?xpacket begin="\u{feff}" id="W5M0MpCehiHzreSzNTczkc9d"?>
            <x:xmpmeta xmlns:x="adobe:ns:meta/">
             <rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#">
              <rdf:Description rdf:about=""
                xmlns:xmp="http://ns.adobe.com/xap/1.0/"
                xmlns:crs="http://ns.adobe.com/camera-raw-settings/1.0/"
                xmlns:dc="http://purl.org/dc/elements/1.1/"
                xmlns:photoshop="http://ns.adobe.com/photoshop/1.0/"
                xmp:Rating="{$rating}"
                photoshop:TransmissionReference="{$number} of {$material->photos()}"{$exposure}>
               <dc:title><rdf:Alt><rdf:li xml:lang="x-default">{$title}</rdf:li></rdf:Alt></dc:title>
              </rdf:Description>
             </rdf:RDF>
            </x:xmpmeta>
            <?xpacket end="w"?>

            XML;
    }
}

{{-- The shot and its clip for other programs. --}}
@php use Evrent\Devices\Files\ShotFile; @endphp
<section class="panel" id="files" aria-labelledby="files-title"><header class="panel-head"><h2 id="files-title">For other programs</h2></header>
    <table class="table files"><tbody>@foreach (ShotFile::cases() as $file)<tr><th scope="row"><a
        href="{{ $page->fileAt($file) }}"><x-icon name="download" /> {{ $file->label() }}</a></th>
        <td class="quiet">{{ $file->isFor() }}</td></tr>@endforeach
        <tr><th scope="row"><a href="{{ $page->fileAt(null) }}"><x-icon name="download" /> XMP files of all photos</a></th>
            <td class="quiet">for programs that develop raw files: order, spoilt, stills to keep, and by how many stops each is to be brighter</td></tr>
        @if ($page->card)<tr><th scope="row"><a href="{{ $page->card->reading->at('match') }}"><x-icon name="download" /> Match</a></th>
            <td class="quiet">which photo on the card is which of the plan’s</td></tr>
        @if ($page->card->reading->take)<tr><th scope="row"><a href="{{ $page->card->reading->take->at('takes.log')
            }}"><x-icon name="download" /> Run log</a></th>
            <td class="quiet">what the take did, line by line</td></tr>@endif @endif</tbody></table>
</section>

{{-- The shot and its clip for other programs. --}}
@php use Evrent\Devices\Files\ShotFile; @endphp
<section class="panel" id="files" aria-labelledby="files-title"><header class="panel-head"><h2 id="files-title">{{ __('clip.files.title') }}</h2></header>
    <table class="table files"><tbody>@foreach (ShotFile::cases() as $file)<tr><th scope="row"><a
        href="{{ $page->fileAt($file) }}"><x-icon name="download" /> {{ $file->label() }}</a></th>
        <td class="quiet">{{ $file->isFor() }}</td></tr>@endforeach
        <tr><th scope="row"><a href="{{ $page->fileAt(null) }}"><x-icon name="download" /> {{ __('clip.files.xmp') }}</a></th>
            <td class="quiet">{{ __('clip.files.xmp_says') }}</td></tr>
        @if ($page->card)<tr><th scope="row"><a href="{{ $page->card->reading->at('match') }}"><x-icon name="download" /> {{ __('clip.files.match') }}</a></th>
            <td class="quiet">{{ __('clip.files.match_says') }}</td></tr>
        @if ($page->card->reading->take)<tr><th scope="row"><a href="{{ $page->card->reading->take->at('takes.log')
            }}"><x-icon name="download" /> {{ __('clip.files.log') }}</a></th>
            <td class="quiet">{{ __('clip.files.log_says') }}</td></tr>@endif @endif</tbody></table>
</section>

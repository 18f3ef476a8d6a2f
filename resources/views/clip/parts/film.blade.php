{{-- One film: how far it is, or its result. --}}
@php
    use App\Status\FilmStatus;
    use Evrent\Core\Messages\Quantity;
    $is = $film->clip();
@endphp
<div id="film-{{ $film->id }}" class="film reading-now" @if (!$film->isOver()) role="status" hx-get="{{ $film->at('show') }}" hx-trigger="every 500ms"
    hx-swap="outerHTML" hx-sync="this:drop" @endif data-status="{{ $film->status->value }}">
    @if ($film->status === FilmStatus::Done)<p><a href="{{ $film->at('file') }}" download><x-icon name="download" /> {{ $film->file }}</a>
        <span class="quiet">{{
        $settings->moment($film->created_at) }}</span></p>
        <p class="quiet">{{ __('clip.film.made', ['width' => $film->width, 'height' => $film->height, 'frames' => $film->frames, 'rate' => $is->rate->value,
            'codec' => $is->codec->label(), 'bytes' => Quantity::bytes($film->bytes)]) }} <a href="{{ $film->at('list') }}">{{ __('clip.film.list') }}</a></p>
        <p class="quiet sum">SHA-256 {{ $film->sha256 }}</p>
        @if ($film->before())<p><a href="{{ $film->at('joined') }}" download><x-icon name="download" /> {{ __('clip.film.joined') }}</a></p>@endif
    @elseif ($film->status === FilmStatus::Failed)<p class="short">{{ __('common.failed', ['trouble' => $film->trouble]) }}</p>
    @elseif ($film->status === FilmStatus::Stopped)<p>{{ __('clip.film.cancelled', ['done' => $film->done, 'frames' => $film->frames]) }}</p>
    @elseif ($film->status === FilmStatus::Waiting)<p>{{ $film->trouble === '' ? __('common.waiting') : $film->trouble }}</p>
    @else<p>{{ __('clip.film.progress', ['done' => $film->done, 'frames' => $film->frames, 'part' => $film->secondsLeft() === null ? ''
        : __('common.left', ['secondsLeft' => Quantity::duration(ceil($film->secondsLeft()))]), 'part2' => $film->begun > 1 ? __('clip.film.resumed')
            : '']) }}</p>
        <progress max="{{ $film->frames }}" value="{{ $film->done }}">{{ $film->done }}</progress>@endif
    @if (!$film->isOver())<form method="post" action="{{ $film->at('stop') }}">@csrf
        <button class="button is-quiet"><x-icon name="x" /><span class="text">{{ __('common.cancel') }}</span></button></form>
    @else<form method="post" action="{{ $film->at('destroy') }}">@csrf @method('delete')
        <button class="button is-quiet"><x-icon name="trash-2" /><span class="text">{{ __('common.delete') }}</span></button></form>@endif
</div>

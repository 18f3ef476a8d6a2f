@php
    use App\Status\ReadingStatus;
    use Evrent\Core\Messages\Quantity;
@endphp
{{-- How far the reading of a card is: asked for again and again until it is over. --}}
<div id="reading" role="status" @if (!$reading->isOver()) hx-get="{{ $reading->at('show') }}" hx-trigger="every 500ms"
    hx-swap="outerHTML" hx-sync="this:drop" @endif class="reading-now">
    @if ($reading->status === ReadingStatus::Failed)<p class="short">{{ __('common.failed', ['trouble' => $reading->trouble]) }}</p>
    @elseif ($reading->status === ReadingStatus::Stopped)<p>{{ __('photos.reading.stopped', ['done' => $reading->done, 'count' => $reading->files]) }}</p>
    @elseif ($reading->status === ReadingStatus::Away)<p class="short">@if ($reading->trouble !== ''){{ $reading->trouble }} @else{{ __('photos.reading.gone',
        ['folder' => $reading->folder]) }} @endif{{ __('photos.reading.done', ['done' => $reading->done,
            'count' => $reading->files]) }} @if ($reading->trouble === ''){{ __('photos.reading.put_back') }}@endif</p>
    @elseif ($reading->status === ReadingStatus::Waiting)<p>{{ __('common.waiting') }}</p>
    @else<p>{{ __('photos.reading.progress', ['done' => $reading->done, 'count' => $reading->files, 'part' => $reading->secondsLeft() === null ? ''
        : __('common.left', ['secondsLeft' => Quantity::duration(ceil($reading->secondsLeft()))])]) }}</p>
        <progress max="{{ $reading->files }}" value="{{ $reading->done }}">{{ $reading->done }}</progress>@endif
    @if (in_array($reading->status, [ReadingStatus::Away, ReadingStatus::Failed], true))<form method="post" action="{{ $reading->at('again') }}">@csrf
        <button class="button">{{ __('photos.reading.again') }}</button></form>@endif
    @if (!$reading->isOver())<form method="post" action="{{ $reading->at('stop') }}">@csrf
        <button class="button is-quiet"><x-icon name="x" /><span class="text">{{ __('common.cancel') }}</span></button></form>@endif
</div>

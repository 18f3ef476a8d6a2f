{{-- One thing that is done with photos and a folder: how far it is, or its result. --}}
@php
    use App\Status\FolderWorkStatus;
    use Evrent\Core\Messages\Quantity;
@endphp
<div id="work-{{ $work->id }}" class="reading-now" @if (!$work->isOver()) role="status" hx-get="{{ $work->at('show') }}" hx-trigger="every 500ms"
    hx-swap="outerHTML" hx-sync="this:drop" @endif data-status="{{ $work->status->value }}">
    @if ($work->status === FolderWorkStatus::Failed)<p class="short">{{ __('common.failed', ['trouble' => $work->trouble]) }}</p>
    @elseif ($work->status === FolderWorkStatus::Stopped)<p>{{ __('common.cancelled') }}</p>
    @elseif ($work->status === FolderWorkStatus::Waiting)<p>{{ __('common.waiting') }}</p>
    @elseif ($work->status === FolderWorkStatus::Working)<p>{{ __('clip.work.progress', ['done' => $work->done, 'count' => $work->files,
        'part' => $work->secondsLeft() === null ? ''
        : __('common.left', ['secondsLeft' => Quantity::duration(ceil($work->secondsLeft()))])]) }}</p>
        <progress max="{{ $work->files }}" value="{{ $work->done }}">{{ $work->done }}</progress>
    @elseif ($work->kind !== 'check')<p>{{ __('clip.work.made', ['files' => $work->files, 'kind' => $work->kind, 'folder' => $work->folder]) }}
        <a href="{{ $work->at('manifest') }}">{{ __('clip.work.manifest') }}</a></p>
    @elseif ($work->isGood())<p class="good"><x-icon name="check" /> {{ __('clip.work.whole', ['folder' => $work->folder]) }} <span class="quiet">{{
        $settings->moment($work->ended_at) }}</span> <a href="{{ $work->at('manifest') }}">{{ __('clip.work.manifest') }}</a></p>
    @else<p class="short"><x-icon name="triangle-alert" /> {{ __('clip.work.not_whole', ['folder' => $work->folder]) }}</p><ul>
        @if ($work->missing !== [])<li>{{ __('clip.work.missing', ['missing' => count($work->missing), 'x' => implode(', ',
            array_slice($work->missing, 0, 5))]) }}</li>@endif
        @if ($work->changed !== [])<li>{{ __('clip.work.changed', ['changed' => count($work->changed), 'x' => implode(', ', array_slice($work->changed, 0,
            5))]) }}</li>@endif</ul>@endif
    @if (!$work->isOver())<form method="post" action="{{ $work->at('stop') }}">@csrf
        <button class="button is-quiet"><x-icon name="x" /><span class="text">{{ __('common.cancel') }}</span></button></form>@endif
</div>

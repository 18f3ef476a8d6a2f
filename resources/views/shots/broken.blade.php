<x-layout :title="$shot->title()" :crumbs="[$shot->shoot->name => route('shoots.show', $shot->shoot_id), $shot->title() => null]">
    <div class="page">
        <header class="page-head"><h1>{{ $shot->title() }}</h1></header>
        <section class="panel untold" role="alert">
            <h2>{{ __('shots.broken.title') }}</h2>
            @foreach ($problems as $problem)<p>{{ trim("{$problem->pointer}: " . Words::say($problem->message), ': ') }}</p>@endforeach
            <p>{{ __('shots.broken.says') }}</p>
            <div class="form-acts">
                @if ($revision->parent_id !== null)<x-act :action="$shot->at('shots.undo')" icon="undo-2" class="is-strong"
                    :fields="['revision' => $revision->id]">{{ __('shots.broken.undo', ['reason' => $revision->told()]) }}</x-act>@endif
                <a class="button" href="{{ $shot->at('shots.history') }}"><x-icon name="history" /><span class="text">{{
                    __('shots.broken.earlier') }}</span></a>
                <a class="button" href="{{ $shot->at('plan-files.show') }}" download><x-icon name="download" /><span class="text">{{
                    __('shots.broken.file') }}</span></a>
                <x-act :action="$shot->at('shots.destroy')" method="delete" icon="trash-2" class="is-quiet">{{ __('common.delete') }}</x-act>
            </div>
        </section>
    </div>
</x-layout>

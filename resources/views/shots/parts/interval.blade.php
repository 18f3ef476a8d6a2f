{{-- One interval to scale. Starts and lengths come from the schedule; the styles place them. --}}
<div class="interval" x-cloak :style="`--span: ${value('span')}`" :data-fits="fits ? 'yes' : 'no'">
    <h3>Photo <span x-text="photo"></span>, its interval of <b x-text="seconds('interval')"></b> to scale: <b class="slack" x-text="slackText"></b></h3>
    @php
        $segments = [
            'camera' => [['lag', '0', 'lag', 'lag'], ['open', 'lag', 'exposure', 'open'], ['dark', 'dark_start', 'dark', 'dark frame'], ['write', 'write_start', 'write', 'writes']],
            'rig' => [['move', 'move_start', 'move', 'moves'], ['settle', 'settle_start', 'settle', 'settles']],
        ];
    @endphp
    @foreach ($segments as $track => $parts)
        <div class="track">
            <span class="track-name">{{ $track }}</span>
            <div class="bar">
                @foreach ($parts as [$kind, $start, $length, $name])
                    <i class="segment" data-kind="{{ $kind }}" :style="segment('{{ $start }}', '{{ $length }}')"></i>
                @endforeach
                @if ($track === 'rig')
                    <i class="segment" data-kind="slack" :style="segment('required', 'slack')" x-show="fits && value('slack') > 0"></i>
                @endif
                <i class="due" :style="`--from: ${value('interval')}`"></i>
            </div>
        </div>
    @endforeach
    <ul class="legend">
        @foreach (array_merge(...array_values($segments)) as [$kind, $start, $length, $name])
            <li data-kind="{{ $kind }}" x-show="value('{{ $length }}') > 0"><i class="swatch" data-kind="{{ $kind }}"></i><span>{{ $name }}</span> <b x-text="seconds('{{ $length }}')"></b></li>
        @endforeach
        <li data-kind="slack"><i class="swatch" data-kind="slack"></i><span>slack</span></li>
    </ul>
</div>

<b id="ticked" data-ticked @if ($isAnew ?? false) hx-swap-oob="true" @endif>{{ count($start->ticked) }}</b>

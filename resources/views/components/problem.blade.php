@props(['pointer', 'message' => null, 'swap' => false])
<span class="problem" id="p-{{ str_replace('/', '-', ltrim($pointer, '/')) }}" @if ($swap) hx-swap-oob="true" @endif>{{ $message }}</span>

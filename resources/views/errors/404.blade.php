@extends('errors.minimal')
@section('title', __('errors.404.title'))
@section('message', __('errors.404.says'))
